package org.pergamena.core.source;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;

/** Sets of spans: joining those that touch, taking some out of others. */
public final class Spans {
  private Spans() {}

  /** The same code units as sorted spans that neither overlap nor touch. */
  public static List<Span> union(Collection<Span> spans) {
    List<Span> joined = new ArrayList<>();
    for (Span next : spans.stream().sorted().toList()) {
      Span last = joined.isEmpty() ? null : joined.get(joined.size() - 1);
      if (last == null || next.start() > last.end()) {
        joined.add(next);
      } else if (next.end() > last.end()) {
        joined.set(joined.size() - 1, new Span(last.start(), next.end()));
      }
    }
    return joined;
  }

  /** What is left of a span without others, which are sorted and apart. */
  public static List<Span> without(Span span, List<Span> others) {
    List<Span> left = new ArrayList<>();
    int from = span.start();
    for (Span other : others) {
      if (other.overlaps(span)) {
        if (other.start() > from) {
          left.add(new Span(from, other.start()));
        }
        from = Math.max(from, other.end());
      }
    }
    if (from < span.end()) {
      left.add(new Span(from, span.end()));
    }
    return left;
  }
}
