package org.pergamena.core.analysis;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.UUID;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Extent;
import org.pergamena.core.map.Numbering;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.Span;
import org.pergamena.core.source.Spans;

/**
 * How much of a source is on the map, and where.
 *
 * @param share of the source's text that lies in extents and linked passages, 0 to 1; white space
 *     between blocks and what the person left out do not count, and where there are branches, nor
 *     does the extent of the root, as no topic of them speaks of it
 * @param ribbon the source from its first code unit to its last, cut where the main branch changes
 */
public record Coverage(double share, List<Stretch> ribbon) {

  /**
   * A stretch of a source that one main branch accounts for, or none.
   *
   * @param branch the main branch, from 0, or as {@link Numbering} has it; {@link #NOWHERE} if the
   *     text is not on the map, {@link #EXCLUDED} if that is as the person wants
   */
  public record Stretch(int start, int end, int branch) {}

  /** Not on the map. */
  public static final int NOWHERE = -3;

  /** Left out of distilling by the person, and not on the map. */
  public static final int EXCLUDED = -4;

  /** The coverage of each of the sources, by source. */
  public static Map<UUID, Coverage> of(TopicMap map, List<Source> sources) {
    Map<UUID, List<Claim>> claims = new HashMap<>();
    Map<UUID, Integer> branches = Numbering.branches(map);
    for (Topic topic : map.preorder()) {
      int branch = branches.get(topic.id());
      int level = map.level(topic);
      boolean whole = topic.parent() == null && !topic.children().isEmpty();
      for (Extent extent : whole ? List.<Extent>of() : topic.extent()) {
        claims
            .computeIfAbsent(extent.source(), id -> new ArrayList<>())
            .add(new Claim(extent.span(), branch, level));
      }
      for (Evidence evidence : topic.evidence()) {
        if (evidence.passage().anchored()) {
          claims
              .computeIfAbsent(evidence.passage().source(), id -> new ArrayList<>())
              .add(new Claim(evidence.passage().span(), branch, TopicMap.DEEPEST_LEVEL + level));
        }
      }
    }
    Map<UUID, Coverage> coverages = new HashMap<>();
    for (Source source : sources) {
      coverages.put(source.id(), of(source, claims.getOrDefault(source.id(), List.of())));
    }
    return coverages;
  }

  /** The share of all the sources' text together that is on the map, 0 to 1. */
  public static double share(List<Source> sources, Map<UUID, Coverage> coverages) {
    double on = 0;
    double all = 0;
    for (Source source : sources) {
      double length = inked(source, whole(source));
      on += coverages.get(source.id()).share() * length;
      all += length;
    }
    return all == 0 ? 0 : on / all;
  }

  /** A span that a branch asks for; the deeper topic, and a quote before an extent, has it. */
  private record Claim(Span span, int branch, int weight) {}

  private static Coverage of(Source source, List<Claim> claims) {
    String text = source.text().text();
    TreeSet<Integer> cuts = new TreeSet<>(List.of(0, text.length()));
    for (Claim claim : claims) {
      cuts.add(claim.span().start());
      cuts.add(Math.min(claim.span().end(), text.length()));
    }
    for (Span span : source.excluded()) {
      cuts.add(span.start());
      cuts.add(Math.min(span.end(), text.length()));
    }
    List<Claim> sorted = claims.stream().sorted((a, b) -> a.span().compareTo(b.span())).toList();
    List<Claim> open = new ArrayList<>();
    List<Stretch> ribbon = new ArrayList<>();
    int claim = 0;
    Integer from = null;
    for (int cut : cuts) {
      if (from != null && cut > from) {
        int at = from;
        while (claim < sorted.size() && sorted.get(claim).span().start() <= at) {
          open.add(sorted.get(claim++));
        }
        open.removeIf(c -> c.span().end() <= at);
        int branch = strongest(open);
        boolean out = branch == NOWHERE && source.excludes(from);
        append(ribbon, text, from, cut, out ? EXCLUDED : branch);
      }
      from = cut;
    }
    return new Coverage(share(source, claims), ribbon);
  }

  private static int strongest(List<Claim> open) {
    Claim best = null;
    for (Claim claim : open) {
      if (best == null || claim.weight() > best.weight()) {
        best = claim;
      }
    }
    return best == null ? NOWHERE : best.branch();
  }

  private static void append(List<Stretch> ribbon, String text, int start, int end, int branch) {
    Stretch last = ribbon.isEmpty() ? null : ribbon.get(ribbon.size() - 1);
    boolean blank = branch <= NOWHERE && text.substring(start, end).isBlank();
    int shown = blank && last != null ? last.branch() : branch;
    if (last != null && last.branch() == shown) {
      ribbon.set(ribbon.size() - 1, new Stretch(last.start(), end, shown));
    } else {
      ribbon.add(new Stretch(start, end, shown));
    }
  }

  private static double share(Source source, List<Claim> claims) {
    long all = inked(source, whole(source));
    long on = 0;
    for (Span span : Spans.union(claims.stream().map(Claim::span).toList())) {
      on += inked(source, List.of(span));
    }
    return all == 0 ? 0 : Math.min(1, (double) on / all);
  }

  private static List<Span> whole(Source source) {
    int length = source.text().text().length();
    return length == 0 ? List.of() : Spans.without(new Span(0, length), source.excluded());
  }

  private static long inked(Source source, List<Span> spans) {
    String text = source.text().text();
    long inked = 0;
    for (Span span : spans) {
      for (int i = span.start(); i < Math.min(span.end(), text.length()); i++) {
        inked += Character.isWhitespace(text.charAt(i)) ? 0 : 1;
      }
    }
    return inked;
  }
}
