package org.pergamena.core.map;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import org.pergamena.core.source.Span;
import org.pergamena.core.source.Spans;

/**
 * All that a topic carries, wherever it stands.
 *
 * <pre>{@code
 * Content content = Content.labelled("Sea wall").withNote("Ask the warden.");
 * }</pre>
 *
 * @param label one line, not blank
 * @param note the person's own words, may be empty
 * @param summary a sentence of the text that it or the topics below it account for, may be empty
 * @param aside whether it is kept, with all below it, but is not what the map is about
 * @param look what it was given by hand of its look
 * @param gloss what a person has set beside label and note
 */
public record Content(
    String label,
    String note,
    String summary,
    List<Evidence> evidence,
    List<Extent> extent,
    boolean aside,
    Look look,
    Gloss gloss) {
  /** The longest label, in code units. */
  public static final int LONGEST_LABEL = 300;

  /** The longest note, in code units. */
  public static final int LONGEST_NOTE = 200_000;

  /** The most passages that a change may bring a topic to. */
  public static final int MOST_PASSAGES = 1_000;

  public Content {
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

  /** Nothing but a label. */
  public static Content labelled(String label) {
    return new Content(label, "", "", List.of(), List.of(), false, Look.NONE, Gloss.NONE);
  }

  /** The same under another label. */
  public Content withLabel(String newLabel) {
    return new Content(newLabel, note, summary, evidence, extent, aside, look, gloss);
  }

  /** The same with another note. */
  public Content withNote(String newNote) {
    return new Content(label, newNote, summary, evidence, extent, aside, look, gloss);
  }

  /** The same, set aside or not. */
  public Content withAside(boolean newAside) {
    return new Content(label, note, summary, evidence, extent, newAside, look, gloss);
  }

  /** The same with another look. */
  public Content withLook(Look newLook) {
    return new Content(label, note, summary, evidence, extent, aside, newLook, gloss);
  }

  /** The same with something else beside label and note. */
  public Content withGloss(UnaryOperator<Gloss> change) {
    return new Content(label, note, summary, evidence, extent, aside, look, change.apply(gloss));
  }

  /** The same with other passages linked to it. */
  public Content withEvidence(List<Evidence> newEvidence) {
    return new Content(label, note, summary, newEvidence, extent, aside, look, gloss);
  }

  /** The summary for where all passages stand too: nothing if one of them says it already. */
  public String summaryBesidePassages() {
    boolean said = evidence.stream().anyMatch(e -> e.passage().line().contains(summary));
    return said ? "" : summary;
  }

  /** The same on other grounds: its summary, its evidence and its extent. */
  public Content withGrounds(
      String newSummary, List<Evidence> newEvidence, List<Extent> newExtent) {
    return new Content(label, note, newSummary, newEvidence, newExtent, aside, look, gloss);
  }

  /** The same without anything of a source. */
  public Content withoutGrounds() {
    return withGrounds("", List.of(), List.of());
  }

  /** Whether its label, its note or its definition has some words in small letters. */
  public boolean says(String words) {
    return label.toLowerCase(Locale.ROOT).contains(words)
        || note.toLowerCase(Locale.ROOT).contains(words)
        || gloss.definition().toLowerCase(Locale.ROOT).contains(words);
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

  /** The same without what lies in a source, and without a summary, which may have stood there. */
  Content without(UUID source) {
    return withGrounds(
        "",
        evidence.stream().filter(e -> !e.passage().source().equals(source)).toList(),
        extent.stream().filter(e -> !e.source().equals(source)).toList());
  }

  /** The same resting on copies of its sources, each passage with an identity of its own. */
  Content copied(UnaryOperator<UUID> sources, Supplier<UUID> identities) {
    return withGrounds(
        summary,
        evidence.stream().map(e -> e.copied(sources, identities)).toList(),
        extent.stream().map(e -> new Extent(sources.apply(e.source()), e.span())).toList());
  }
}
