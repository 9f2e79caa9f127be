package org.pergamena.formats.document;

import java.util.ArrayList;
import java.util.List;

/** Rows of tables as text. */
public final class Rows {
  private Rows() {}

  /** A row with the names of its columns, {@code Year: 5. Cost: 212,000.}; empty cells left out. */
  public static String sentence(List<String> header, List<String> cells) {
    List<String> parts = new ArrayList<>();
    for (int i = 0; i < cells.size(); i++) {
      String name = i < header.size() ? header.get(i) : "";
      if (!cells.get(i).isBlank()) {
        parts.add(name.isBlank() ? cells.get(i) : name + ": " + cells.get(i));
      }
    }
    return header.isEmpty()
        ? String.join(" | ", parts)
        : String.join(". ", parts) + (parts.isEmpty() ? "" : ".");
  }
}
