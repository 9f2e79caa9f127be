package org.pergamena.core.study.scope;

import java.util.List;

/** What a question for research is built of. */
public enum Frame {
  /**
   * The effect of something (Richardson and others, <em>The well-built clinical question</em>,
   * 1995).
   */
  EFFECT("Population", "Intervention", "Comparison", "Outcome"),
  /** What people go through. */
  EXPERIENCE("Population", "Experience", "Context"),
  /** Fields of one's own. */
  OWN;

  private final List<String> fields;

  Frame(String... fields) {
    this.fields = List.of(fields);
  }

  /** The names of its fields; none where they are one's own. */
  public List<String> fields() {
    return fields;
  }
}
