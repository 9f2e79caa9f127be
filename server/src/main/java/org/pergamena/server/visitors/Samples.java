package org.pergamena.server.visitors;

import java.util.List;

/** What the demonstration has to try beside its map. */
public interface Samples {
  /** Addresses of made-up pages. */
  List<String> pages();

  /** An outline as a text assistant might have generated it. */
  String outline();
}
