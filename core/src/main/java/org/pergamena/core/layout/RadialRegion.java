package org.pergamena.core.layout;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import org.pergamena.core.layout.Item.Line;
import org.pergamena.core.map.Fan;
import org.pergamena.core.map.LineForm;
import org.pergamena.core.map.Topic;

/**
 * Lays a branch out around its first topic, each level on a ring, each branch within a sector of
 * its own. A sector is as wide as its topics need where it lies, since labels are wide and low: at
 * the top and at the foot they need more of the circle than at the sides. The rings are then pushed
 * apart until no two topics meet. All of it is computed with the page squeezed in its width, so
 * that the rings are wide and low as labels and screens are.
 */
final class RadialRegion {
  private static final double RING = 38;
  private static final double ACROSS = 3;
  private static final double WIDER = 1.06;
  private static final int MOST_TRIES = 90;
  private static final int GIVING = 40;
  private static final double MORE = 1.12;

  /** A region of more topics has its deeper branches beside each other as braces. */
  private static final int MANY = 60;

  private static final int DEEP = 2;
  private static final int ROUNDS = 6;
  private static final double LEAST = 1e-3;
  private static final double QUARTER = Math.PI / 2;
  private static final double STEEP = 0.25;
  private static final double STRAIGHT = 0.75;

  /** How many times as wide as high a ring is. */
  private static final double SQUEEZE = 2.4;

  /** A topic on its ring. */
  private static final class Spoke {
    private Cell cell;
    private final int ring;
    private final List<Spoke> children = new ArrayList<>();
    private boolean braced;
    private double need;
    private double more = 1;
    private double angle;
    private Box box;

    Spoke(Cell cell, int ring) {
      this.cell = cell;
      this.ring = ring;
    }

    /** The topic itself, where its branch has a layout of its own too. */
    private Box own() {
      if (cell.group() == null) {
        return box;
      }
      Box first = cell.group().first().box();
      return first.moved(box.x(), box.y());
    }

    private double wide() {
      return (cell.width() + Connectors.TOGGLE / 2) / SQUEEZE;
    }

    /** Half of what it takes along its own direction. */
    private double along(double turn) {
      return (Math.abs(Math.cos(turn)) * wide() + Math.abs(Math.sin(turn)) * cell.height()) / 2;
    }

    /** How far it must be from its like across its direction: clear of it beside or below. */
    private double across(double turn) {
      double beside = wide() / Math.max(LEAST, Math.abs(Math.sin(turn)));
      double below = cell.height() / Math.max(LEAST, Math.abs(Math.cos(turn)));
      return Math.min(beside, below);
    }
  }

  private final Regions regions;
  private final Sheet sheet;
  private final Topic root;
  private final double from;
  private final double spread;
  private final List<Spoke> all = new ArrayList<>();
  private final boolean crowded;
  private double[] rings;

  RadialRegion(Regions regions, Topic root, Fan fan) {
    this.regions = regions;
    this.sheet = regions.sheet();
    this.root = root;
    this.from = Math.toRadians(fan.from()) - QUARTER;
    this.spread = Math.toRadians(fan.spread());
    this.crowded = count(root, MANY + 1) > MANY;
  }

  /** How many topics are shown of a branch, no more than there are to be counted. */
  private int count(Topic topic, int most) {
    int count = 1;
    for (Topic child : sheet.children(topic)) {
      if (count >= most) {
        return count;
      }
      count += count(child, most - count);
    }
    return count;
  }

  Group lay() {
    Spoke hub = spoke(root, 0);
    place(hub);
    return drawn(hub);
  }

  private Spoke spoke(Topic topic, int ring) {
    boolean braced = crowded && ring == DEEP && !regions.children(topic).isEmpty();
    Cell cell =
        topic == root
            ? Cell.of(root, sheet.block(root))
            : braced ? braces(topic, Flow.RIGHT) : regions.cell(topic, Flow.RIGHT);
    Spoke spoke = new Spoke(cell, ring);
    spoke.braced = braced;
    all.add(spoke);
    List<Topic> children =
        topic == root ? sheet.children(root) : braced ? List.of() : regions.children(topic);
    children.forEach(child -> spoke.children.add(spoke(child, ring + 1)));
    return spoke;
  }

  private Cell braces(Topic topic, Flow flow) {
    return Cell.of(topic, BraceRegion.away(regions, topic, flow));
  }

  private void place(Spoke hub) {
    int deepest = all.stream().mapToInt(s -> s.ring).max().orElse(0);
    rings = new double[deepest + 1];
    double scale = 1;
    turn(hub, from, spread, true);
    for (int round = 0; round < ROUNDS; round++) {
      setRings(scale);
      double needed = need(hub);
      if (needed > spread) {
        scale *= needed / spread;
        setRings(scale);
        needed = need(hub);
      }
      turn(hub, from, spread, false);
    }
    all.stream().filter(s -> s.cell.group() != null).forEach(this::face);
    for (int tries = 0; tries < MOST_TRIES; tries++) {
      setRings(scale);
      all.forEach(this::box);
      BitSet meeting = Overlaps.among(all.stream().map(s -> s.box).toList());
      if (meeting.isEmpty()) {
        return;
      }
      if (tries < GIVING) {
        // those that meet get more of the circle, the others stay as they are
        meeting.stream().forEach(i -> all.get(i).more *= MORE);
        double needed = need(hub);
        scale *= Math.max(1, needed / spread);
        turn(hub, from, spread, false);
      } else {
        scale *= WIDER;
      }
    }
  }

  /** Lays a branch with its own layout out away from the middle. */
  private void face(Spoke spoke) {
    if (Math.cos(spoke.angle) < 0) {
      Topic topic = spoke.cell.topic();
      spoke.cell = spoke.braced ? braces(topic, Flow.LEFT) : regions.cell(topic, Flow.LEFT);
    }
  }

  /** Each ring begins where the longest topics of the one before end, as they lie now. */
  private void setRings(double scale) {
    double[] longest = new double[rings.length];
    for (Spoke spoke : all) {
      double along = spoke.ring == 0 ? hubHalf(spoke) : 2 * spoke.along(spoke.angle);
      longest[spoke.ring] = Math.max(longest[spoke.ring], along);
    }
    double room = RING * regions.room(root);
    for (int ring = 1; ring < rings.length; ring++) {
      rings[ring] = rings[ring - 1] + (longest[ring - 1] + room) * scale;
    }
  }

  private static double hubHalf(Spoke hub) {
    return Math.hypot(hub.wide(), hub.cell.height()) / 2;
  }

  /** The angle that a branch needs. */
  private double need(Spoke spoke) {
    double below = spoke.children.stream().mapToDouble(this::need).sum();
    double across = spoke.more * (spoke.across(spoke.angle) + ACROSS * 2);
    double own = spoke.ring == 0 ? 0 : across / rings[spoke.ring];
    spoke.need = Math.max(own, below);
    return spoke.need;
  }

  /** Gives each branch its sector; those of a topic share what there is by what they need. */
  private void turn(Spoke spoke, double begin, double width, boolean evenly) {
    spoke.angle = begin + width / 2;
    double whole =
        evenly ? spoke.children.size() : spoke.children.stream().mapToDouble(c -> c.need).sum();
    double at = begin;
    for (Spoke child : spoke.children) {
      double share = width * (evenly ? 1 : child.need) / whole;
      turn(child, at, share, evenly);
      at += share;
    }
  }

  /** Where a topic stands, the middle of the first at the origin: all of it beyond its ring. */
  private void box(Spoke spoke) {
    double out = spoke.ring == 0 ? 0 : rings[spoke.ring] + spoke.along(spoke.angle);
    double x = SQUEEZE * out * Math.cos(spoke.angle);
    double y = out * Math.sin(spoke.angle);
    boolean left = x < 0;
    double toggle = spoke.ring == 0 ? 0 : Connectors.TOGGLE / 4;
    double middle = left ? x + toggle : x - toggle;
    spoke.box =
        new Box(
            middle - spoke.cell.width() / 2,
            y - spoke.cell.height() / 2,
            spoke.cell.width(),
            spoke.cell.height());
  }

  private Group drawn(Spoke hub) {
    double left = all.stream().mapToDouble(s -> s.box.x()).min().orElse(0) - Connectors.TOGGLE;
    double top = all.stream().mapToDouble(s -> s.box.y()).min().orElse(0);
    double right = all.stream().mapToDouble(s -> s.box.right()).max().orElse(0);
    double bottom = all.stream().mapToDouble(s -> s.box.bottom()).max().orElse(0);
    List<Placed> placed = new ArrayList<>();
    for (Spoke spoke : all) {
      Box box = spoke.box.moved(-left, -top);
      Topic topic = spoke.cell.topic();
      Flow flow = spoke.ring > 0 && Math.cos(spoke.angle) < 0 ? Flow.LEFT : Flow.RIGHT;
      if (spoke.cell.group() != null) {
        Regions.putAlone(spoke.cell, box.x(), box.y(), placed);
      } else if (spoke.children.isEmpty()) {
        placed.add(regions.leaf(topic, box.x(), box.y(), flow));
      } else {
        placed.add(parent(spoke, box, flow, -left, -top));
      }
    }
    double axis = hub.box.y() - top + sheet.block(root).axis();
    return new Group(right - left + Connectors.TOGGLE, bottom - top, axis, placed);
  }

  private Placed parent(Spoke spoke, Box box, Flow flow, double dx, double dy) {
    Topic topic = spoke.cell.topic();
    boolean straight = regions.form(topic, LineForm.CURVE) != LineForm.CURVE;
    Path.Pen pen = new Path.Pen();
    for (Spoke child : spoke.children) {
      Box to = child.own().moved(dx, dy);
      double[] start = edge(box, to.middleX(), to.middleY());
      double[] end = edge(to, box.middleX(), box.middleY());
      pen.move(start[0], start[1]);
      boolean aside = turned(spoke, start, end);
      if (straight || aside || spoke.ring == 0) {
        pen.line(end[0], end[1]);
        arrow(topic, pen, end, start[0], start[1]);
      } else {
        double turn = spoke.angle;
        double way = Math.hypot((end[0] - start[0]) / SQUEEZE, end[1] - start[1]) / 2;
        double bendX = start[0] + way * SQUEEZE * Math.cos(turn);
        double bendY = start[1] + way * Math.sin(turn);
        pen.curve(bendX, bendY, end[0], end[1]);
        arrow(topic, pen, end, bendX, bendY);
      }
    }
    double axis = sheet.block(topic).axis();
    double half = Connectors.TOGGLE / 2;
    double at = flow == Flow.LEFT ? -half : box.width() + half;
    Box toggle = new Box(at - half, axis - half, Connectors.TOGGLE, Connectors.TOGGLE);
    Line line = regions.line(topic, pen.path(), box.x(), box.y());
    return regions.placed(topic, box.x(), box.y(), flow, List.of(line), toggle);
  }

  /** Whether a line goes so far aside of its branch's direction that a curve would wind. */
  private static boolean turned(Spoke spoke, double[] start, double[] end) {
    double dx = (end[0] - start[0]) / SQUEEZE;
    double dy = end[1] - start[1];
    double along = dx * Math.cos(spoke.angle) + dy * Math.sin(spoke.angle);
    return along < STRAIGHT * Math.hypot(dx, dy);
  }

  private void arrow(Topic topic, Path.Pen pen, double[] tip, double fromX, double fromY) {
    if (regions.arrows(topic)) {
      Connectors.head(pen, tip[0], tip[1], tip[0] - fromX, tip[1] - fromY);
    }
  }

  /** Where a line leaves a box for a place: at its side, or above or below it if that lies so. */
  private static double[] edge(Box box, double x, double y) {
    double dx = x - box.middleX();
    double dy = y - box.middleY();
    if (Math.abs(dx) * STEEP > Math.abs(dy) || Math.abs(dx) > box.width() / 2 + 1) {
      return new double[] {dx > 0 ? box.right() : box.x(), box.middleY()};
    }
    return new double[] {box.middleX(), dy > 0 ? box.bottom() : box.y()};
  }
}
