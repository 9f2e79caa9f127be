package org.pergamena.core.analysis;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.distil.segment.HeadingTree;
import org.pergamena.core.distil.steer.Terms;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.source.Span;

/**
 * A stretch of a source that is on no topic of the map, and why.
 *
 * @param span within one block of the source
 */
public record LeftOut(UUID source, Span span, Why why) {
  private static final int SHORT_WORDS = 12;

  /** Why a stretch is on no topic. */
  public enum Why {
    /** The person left it out of distilling. */
    EXCLUDED,
    /** It stands before the first heading. */
    FRONT_MATTER,
    /** It is an index of words. */
    INDEX,
    /** A footnote, or the words of a picture or table. */
    ASIDE,
    /** It has a term, or stands under one, that the person asked to leave out. */
    TERM,
    /** The same words stand elsewhere and are on the map there. */
    REPEATED,
    /** Fewer than a dozen words. */
    SHORT,
    /** It found no place on a topic. */
    NO_TOPIC
  }

  /**
   * All such stretches, in the order of the sources and their texts; blank ones are none.
   *
   * @param terms that the person asked to leave out
   */
  public static List<LeftOut> of(TopicMap map, List<Source> sources, List<String> terms) {
    Map<UUID, Coverage> coverages = Coverage.of(map, sources);
    List<LeftOut> left = new ArrayList<>();
    for (Source source : sources) {
      Set<String> kept = kept(source, coverages.get(source.id()));
      for (Coverage.Stretch stretch : coverages.get(source.id()).ribbon()) {
        if (stretch.branch() <= Coverage.NOWHERE) {
          left.addAll(within(source, new Span(stretch.start(), stretch.end()), kept, terms));
        }
      }
    }
    return left;
  }

  /** Blocks that are wholly on the map. */
  private static Set<String> kept(Source source, Coverage coverage) {
    Set<String> kept = new HashSet<>();
    for (Block block : source.text().blocks()) {
      boolean on =
          coverage.ribbon().stream()
              .anyMatch(
                  s ->
                      s.branch() > Coverage.NOWHERE
                          && s.start() <= block.start()
                          && block.end() <= s.end());
      if (on) {
        kept.add(source.text().words(block));
      }
    }
    return kept;
  }

  private static List<LeftOut> within(
      Source source, Span gap, Set<String> kept, List<String> terms) {
    SourceText text = source.text();
    List<LeftOut> left = new ArrayList<>();
    for (Block block : text.blocks()) {
      if (block.span().overlaps(gap) && block.kind() != Block.Kind.HEADING) {
        Span span =
            new Span(Math.max(gap.start(), block.start()), Math.min(gap.end(), block.end()));
        if (!text.text().substring(span.start(), span.end()).isBlank()) {
          left.add(new LeftOut(source.id(), span, why(source, block, span, kept, terms)));
        }
      }
    }
    return left;
  }

  private static Why why(
      Source source, Block block, Span span, Set<String> kept, List<String> terms) {
    String words = source.text().text().substring(span.start(), span.end());
    if (source.excludes(span.start())) {
      return Why.EXCLUDED;
    }
    if (!block.kind().runs()) {
      return Why.ASIDE;
    }
    String section = source.text().locate(span.start()).section();
    if (unwanted(source, section, words, terms)) {
      return Why.TERM;
    }
    if (kept.contains(words.strip())) {
      return Why.REPEATED;
    }
    boolean headed =
        source.text().blocks().stream()
            .anyMatch(b -> b.kind() == Block.Kind.HEADING && b.start() > span.start());
    if (headed && section == null) {
      return Why.FRONT_MATTER;
    }
    if (inIndex(source, span)) {
      return Why.INDEX;
    }
    return SourceText.words(words) < SHORT_WORDS ? Why.SHORT : Why.NO_TOPIC;
  }

  /** Whether a heading over an index stands before, and no other of its level since. */
  private static boolean inIndex(Source source, Span span) {
    int level = 0;
    for (Block block : source.text().blocks()) {
      if (block.start() < span.start() && block.kind() == Block.Kind.HEADING) {
        boolean index = HeadingTree.isIndex(source.text().words(block));
        level = index ? block.level() : level > 0 && block.level() > level ? level : 0;
      }
    }
    return level > 0;
  }

  private static boolean unwanted(Source source, String section, String words, List<String> terms) {
    Tongue tongue = Tongue.of(source.language());
    return terms.stream()
        .anyMatch(
            term ->
                Terms.names(words, term, tongue)
                    || section != null && Terms.names(section, term, tongue));
  }
}
