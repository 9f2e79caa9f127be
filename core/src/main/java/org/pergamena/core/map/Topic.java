package org.pergamena.core.map;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.pergamena.core.source.Span;
import org.pergamena.core.source.Spans;

/**
 * A node of the map.
 *
 * @param parent null for the root
 * @param children in their order
 * @param label one line, not blank
 * @param note the person's own words, may be empty
 * @param summary a sentence from the evidence, word for word, may be empty
 * @param aside whether it is kept, with all below it, but is not what the map is about
 */
public record Topic(
    UUID id,
    UUID parent,
    List<UUID> children,
    String label,
    String note,
    String summary,
    List<Evidence> evidence,
    List<Extent> extent,
    boolean aside) {
  /** The longest label, in code units. */
  public static final int LONGEST_LABEL = 300;

  /** The longest note, in code units. */
  public static final int LONGEST_NOTE = 20_000;

  public Topic {
    children = List.copyOf(children);
    evidence = List.copyOf(evidence);
    extent = List.copyOf(extent);
    if (label.isBlank() || label.length() > LONGEST_LABEL || label.lines().count() != 1) {
      throw new MapRuleException(
          "A label is one line of 1 to "
              + LONGEST_LABEL
              + " characters. Shorten it or fill it in.");
    }
    if (note.length() > LONGEST_NOTE) {
      throw new MapRuleException("A note has at most " + LONGEST_NOTE + " characters. Shorten it.");
    }
  }

  /** A topic that is not aside. */
  public Topic(
      UUID id,
      UUID parent,
      List<UUID> children,
      String label,
      String note,
      String summary,
      List<Evidence> evidence,
      List<Extent> extent) {
    this(id, parent, children, label, note, summary, evidence, extent, false);
  }

  /** A topic with nothing but its label. */
  public static Topic labelled(UUID id, String label) {
    return new Topic(id, null, List.of(), label, "", "", List.of(), List.of());
  }

  /** Whether a passage or an extent of it lies in a source. */
  public boolean restsOn(UUID source) {
    return extent.stream().anyMatch(e -> e.source().equals(source))
        || evidence.stream().anyMatch(e -> e.passage().source().equals(source));
  }

  /** All that it has of a source: extents and passages that are found there, sorted and apart. */
  public List<Span> spans(UUID source) {
    List<Span> spans = new ArrayList<>();
    extent.stream().filter(e -> e.source().equals(source)).forEach(e -> spans.add(e.span()));
    evidence.stream()
        .map(Evidence::passage)
        .filter(p -> p.anchored() && p.source().equals(source))
        .forEach(p -> spans.add(p.span()));
    return Spans.union(spans);
  }

  /** The same without what lies in a source; a summary that was quoted from there goes too. */
  Topic without(UUID source) {
    boolean quoted =
        evidence.stream()
            .anyMatch(
                e -> e.passage().source().equals(source) && e.passage().exact().equals(summary));
    return with(
        quoted ? "" : summary,
        evidence.stream().filter(e -> !e.passage().source().equals(source)).toList(),
        extent.stream().filter(e -> !e.source().equals(source)).toList());
  }

  Topic withParent(UUID newParent) {
    return new Topic(id, newParent, children, label, note, summary, evidence, extent, aside);
  }

  Topic withLabel(String newLabel) {
    return new Topic(id, parent, children, newLabel, note, summary, evidence, extent, aside);
  }

  Topic withNote(String newNote) {
    return new Topic(id, parent, children, label, newNote, summary, evidence, extent, aside);
  }

  Topic withAside(boolean newAside) {
    return new Topic(id, parent, children, label, note, summary, evidence, extent, newAside);
  }

  Topic with(String newSummary, List<Evidence> newEvidence, List<Extent> newExtent) {
    return new Topic(id, parent, children, label, note, newSummary, newEvidence, newExtent, aside);
  }

  Topic withEvidence(int index, Evidence added) {
    return new Topic(
        id,
        parent,
        children,
        label,
        note,
        summary,
        inserted(evidence, index, added),
        extent,
        aside);
  }

  Topic withoutEvidence(int index) {
    return new Topic(
        id, parent, children, label, note, summary, removed(evidence, index), extent, aside);
  }

  Topic withChild(int index, UUID child) {
    return new Topic(
        id,
        parent,
        inserted(children, index, child),
        label,
        note,
        summary,
        evidence,
        extent,
        aside);
  }

  Topic withoutChild(UUID child) {
    return new Topic(
        id,
        parent,
        removed(children, children.indexOf(child)),
        label,
        note,
        summary,
        evidence,
        extent,
        aside);
  }

  private static <T> List<T> inserted(List<T> list, int index, T item) {
    List<T> copy = new ArrayList<>(list);
    copy.add(index, item);
    return copy;
  }

  private static <T> List<T> removed(List<T> list, int index) {
    List<T> copy = new ArrayList<>(list);
    copy.remove(index);
    return copy;
  }
}
