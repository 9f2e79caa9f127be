package org.pergamena.core.outline;

import java.util.List;

/**
 * An outline as it was read: the topics of a map in their order, and what was wrong with it.
 *
 * @param title of the whole, or null
 * @param items every parent before its children
 * @param repairs in the order of their lines
 */
public record Outline(String title, List<Item> items, List<Repair> repairs) {
  public Outline {
    items = List.copyOf(items);
    repairs = List.copyOf(repairs);
  }

  /**
   * A topic of an outline.
   *
   * @param line where it stands, from 1
   * @param level 1 for a main branch; at most one more than the item before
   * @param note paragraphs and links that stand under it, may be empty
   */
  public record Item(int line, int level, String label, String note) {}

  /**
   * Something that was wrong and how it was understood.
   *
   * @param line from 1
   * @param sentence without the line, {@code indented two levels under line 11, taken as one}
   */
  public record Repair(int line, String sentence) {}
}
