package org.pergamena.core.layout;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.pergamena.core.map.Arrangement;
import org.pergamena.core.map.Branch;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.Fan;
import org.pergamena.core.map.LabelWidth;
import org.pergamena.core.map.LayoutKind;
import org.pergamena.core.map.LineForm;
import org.pergamena.core.map.Look;
import org.pergamena.core.map.LookChange;
import org.pergamena.core.map.Maps;
import org.pergamena.core.map.Numbering;
import org.pergamena.core.map.Picture;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.Spacing;
import org.pergamena.core.map.Style;
import org.pergamena.core.map.Tag;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.TreeChange;

class LayoutProperties {
  private static final Palette PALETTE = Papers.PALETTE;

  @Property(tries = 300)
  void no_two_topics_overlap_whatever_the_tree_the_type_and_the_layout(
      @ForAll long seed,
      @ForAll LayoutKind kind,
      @ForAll @IntRange(min = 1, max = 120) int size,
      @ForAll @IntRange(min = 1, max = 30) int letterWidth) {
    Random random = new Random(seed);
    TopicMap laid = arranged(Papers.laid(map(random, size), Arrangement.of(kind)), random);
    TopicMap map = random.nextBoolean() ? laid : put(laid, random);
    Set<UUID> closed = closed(map, random);
    var numbers = Numbering.of(map);
    List<Topic> all = map.preorder();
    UUID focus = random.nextInt(3) > 0 ? null : all.get(random.nextInt(all.size())).id();
    Sheet sheet =
        new Sheet(
            map,
            focus,
            closed,
            topic ->
                new TopicLook(
                    numbers.get(topic.id()),
                    List.of(0, 1, 2).subList(0, random.nextInt(4)),
                    random.nextInt(3) == 0 ? "thin" : "",
                    random.nextInt(4) == 0 ? "kept by" : "",
                    random.nextInt(4) == 0,
                    random.nextInt(4) == 0,
                    random.nextInt(3) == 0 ? List.of(new Tag("t", "open", "", "leaf")) : List.of(),
                    random.nextInt(6) == 0 ? "Ask the warden." : "",
                    topic.content().gloss().pictures(),
                    Style.NONE),
            new Typesetter(
                PALETTE, (text, style) -> text.length() * letterWidth * style.size() / 30));
    Scene scene = MapLayout.lay(sheet);
    List<Placed> placed = scene.topics();
    for (int i = 0; i < placed.size(); i++) {
      Box box = placed.get(i).box();
      assertThat(box.x()).isNotNegative();
      assertThat(box.y()).isNotNegative();
      assertThat(box.right()).isLessThanOrEqualTo(scene.width());
      assertThat(box.bottom()).isLessThanOrEqualTo(scene.height());
      for (int j = i + 1; j < placed.size(); j++) {
        assertThat(box.overlaps(placed.get(j).box()))
            .as("%s and %s", placed.get(i), placed.get(j))
            .isFalse();
      }
    }
    assertThat(placed).extracting(Placed::id).doesNotHaveDuplicates();
    requireArrowsGoThere(placed);
  }

  /** Whatever an arrow key leads to is shown, and lies that way. */
  private static void requireArrowsGoThere(List<Placed> placed) {
    Map<UUID, Placed> byId = new HashMap<>();
    placed.forEach(topic -> byId.put(topic.id(), topic));
    for (Placed topic : placed) {
      Placed left = byId.get(topic.near().left());
      assertThat(left == null || left.x() < topic.x()).isTrue();
      Placed right = byId.get(topic.near().right());
      assertThat(right == null || right.box().right() > topic.box().right()).isTrue();
      Placed up = byId.get(topic.near().up());
      assertThat(up == null || up.y() < topic.y()).isTrue();
      Placed down = byId.get(topic.near().down());
      assertThat(down == null || down.y() > topic.y()).isTrue();
      assertThat(topic.near().up() == null || up != null).isTrue();
    }
  }

  @Property(tries = 50)
  void the_same_map_has_the_same_scene(@ForAll long seed, @ForAll LayoutKind kind) {
    TopicMap map = map(new Random(seed), 40);
    assertThat(Papers.scene(map, Set.of(), kind)).isEqualTo(Papers.scene(map, Set.of(), kind));
  }

  /** With a layout of their own for some branches, and other lines. */
  private static TopicMap arranged(TopicMap map, Random random) {
    TopicMap arranged = map;
    for (Topic topic : map.preorder()) {
      if (topic.parent() != null && random.nextInt(8) == 0) {
        LayoutKind[] kinds = LayoutKind.values();
        LineForm[] forms = LineForm.values();
        Arrangement given =
            new Arrangement(
                random.nextBoolean() ? null : kinds[random.nextInt(kinds.length)],
                forms[random.nextInt(forms.length)],
                Spacing.values()[random.nextInt(3)],
                LabelWidth.values()[random.nextInt(3)],
                random.nextBoolean()
                    ? null
                    : new Fan(random.nextInt(360), 30 + random.nextInt(331)));
        Change paint = new LookChange.Paint(topic.id(), Look.NONE.arranged(given));
        arranged = arranged.apply(paint).map();
      }
    }
    return arranged;
  }

  /** With some topics put elsewhere by hand. */
  private static TopicMap put(TopicMap map, Random random) {
    TopicMap put = map;
    for (Topic topic : map.preorder()) {
      if (topic.parent() != null && random.nextInt(9) == 0) {
        Look.Spot off = new Look.Spot(random.nextInt(900) - 400, random.nextInt(600) - 300);
        Look look = put.topic(topic.id()).content().look().off(off);
        put = put.apply(new LookChange.Paint(topic.id(), look)).map();
      }
    }
    return put;
  }

  private static Set<UUID> closed(TopicMap map, Random random) {
    Set<UUID> closed = new HashSet<>();
    for (Topic topic : map.preorder()) {
      if (random.nextInt(6) == 0) {
        closed.add(topic.id());
      }
    }
    return closed;
  }

  /** With a picture, now and then. */
  private static Content shown(Content content, Random random) {
    if (random.nextInt(5) > 0) {
      return content;
    }
    Picture.Where where = Picture.Where.values()[random.nextInt(4)];
    double width = 20 + random.nextInt(200);
    Picture picture = new Picture(Maps.id("p"), "image", "", where, width, random.nextDouble() + 1);
    return content.withGloss(gloss -> gloss.withPictures(List.of(picture)));
  }

  private static TopicMap map(Random random, int size) {
    TopicMap map = Maps.root("root");
    for (int i = 0; i < size; i++) {
      List<Topic> there = new ArrayList<>(map.preorder());
      Topic parent = there.get(random.nextInt(there.size()));
      String word = random.nextInt(5) == 0 ? "\u05d9\u05dd " : "word ";
      String label = word.repeat(1 + random.nextInt(12)) + "x".repeat(random.nextInt(40));
      Topic topic = Topic.labelled(Maps.id("t" + i), label.strip()).with(c -> shown(c, random));
      map = map.apply(new TreeChange.AddBranch(parent.id(), Place.FIRST, Branch.of(topic))).map();
    }
    return map;
  }
}
