package org.pergamena.core.source;

import java.util.List;
import java.util.UUID;

/**
 * A document, article or transcript that a person brought in.
 *
 * @param name what the person calls it
 * @param excluded stretches that the person left out of distilling, sorted and apart
 * @param language ISO 639-3, empty if it cannot be told
 */
public record Source(UUID id, String name, SourceText text, List<Span> excluded, String language) {
  public Source {
    excluded = Spans.union(excluded);
  }

  /** A source of which nothing is left out. */
  public Source(UUID id, String name, SourceText text) {
    this(id, name, text, List.of(), "");
  }

  /** The same source with these stretches left out. */
  public Source without(List<Span> stretches) {
    return new Source(id, name, text, stretches, language);
  }

  /** The same source in a language, ISO 639-3 or empty. */
  public Source in(String other) {
    return new Source(id, name, text, excluded, other);
  }

  /** Page, time or heading of a passage of it, as it is cited; empty if that is not known. */
  public String place(Passage passage) {
    return passage.anchored() ? text.locate(passage.start()).citation() : "";
  }

  /** Whether an offset lies in a stretch that is left out. */
  public boolean excludes(int offset) {
    return excluded.stream().anyMatch(span -> span.start() <= offset && offset < span.end());
  }
}
