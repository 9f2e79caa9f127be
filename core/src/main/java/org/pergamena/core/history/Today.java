package org.pergamena.core.history;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Extent;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.Span;

/** What topics of an earlier state carry, by the sources and texts of today. */
public final class Today {
  private final Map<UUID, Source> sources = new HashMap<>();
  private final Set<UUID> other = new HashSet<>();

  /**
   * Prepares for sources.
   *
   * @param texts the sources that are on the shelf today
   */
  public Today(List<Source> texts) {
    texts.forEach(source -> sources.put(source.id(), source));
  }

  /**
   * What a topic carried: passages whose source is gone are left out, those that stand elsewhere in
   * another text are found there by their words, or are adrift.
   */
  public Content of(Content content) {
    List<Evidence> evidence = found(content.evidence());
    List<Extent> extent =
        content.extent().stream()
            .filter(e -> sources.containsKey(e.source()) && !other.contains(e.source()))
            .filter(e -> e.span().end() <= sources.get(e.source()).text().text().length())
            .toList();
    return content.withGrounds(content.summary(), evidence, extent);
  }

  /** A cross-link, the passages that bore it out found likewise. */
  public CrossLink of(CrossLink link) {
    return link.withGrounds(found(link.grounds()));
  }

  private List<Evidence> found(List<Evidence> all) {
    List<Evidence> found = new ArrayList<>();
    for (Evidence each : all) {
      Source source = sources.get(each.passage().source());
      if (source != null) {
        found.add(each.at(found(each.passage(), source)));
      }
    }
    return found;
  }

  private Passage found(Passage passage, Source source) {
    String text = source.text().text();
    boolean same =
        passage.anchored()
            && passage.end() <= text.length()
            && text.startsWith(passage.exact(), passage.start());
    if (same || !passage.anchored()) {
      return passage;
    }
    other.add(source.id());
    int at = text.indexOf(passage.exact());
    return at < 0
        ? passage.adrift()
        : Passage.of(source, new Span(at, at + passage.exact().length()));
  }
}
