package org.pergamena.core.study.scope;

import java.util.List;

/**
 * A field of a question.
 *
 * @param terms what it holds; may be empty
 */
public record Field(String name, List<String> terms) {
  public Field {
    terms = List.copyOf(terms);
  }
}
