package org.pergamena.core.distil;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.pergamena.core.distil.group.Group;
import org.pergamena.core.distil.label.Labeller;
import org.pergamena.core.distil.quote.Quote;
import org.pergamena.core.distil.quote.Quoting;
import org.pergamena.core.distil.segment.Part;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.source.Span;

/** Offers labels and passages for stretches of sources, whatever topic they are on. */
public final class Naming {
  private final List<Analysed> texts;
  private final Labeller labeller;
  private final Quoting quoting;

  /** Gets to know all the text that there is. */
  public Naming(List<Analysed> texts) {
    this.texts = texts.stream().filter(text -> !text.sentences().isEmpty()).toList();
    this.labeller = new Labeller(this.texts, () -> {});
    this.quoting = new Quoting(this.texts);
  }

  /**
   * Labels for some stretches, the best first.
   *
   * @param stretches of each source, by its identity
   * @param above the label that they come under, or empty
   * @param most as many at most
   */
  public List<String> labels(Map<UUID, List<Span>> stretches, String above, int most) {
    List<Part> parts = parts(stretches);
    return parts.isEmpty()
        ? List.of()
        : labeller.offers(new Group(null, parts, List.of()), above, most);
  }

  /** The passages that bear a label out, the strongest first. */
  public List<Quote> quotes(Map<UUID, List<Span>> stretches, String label, int most) {
    return quoting.choose(parts(stretches), label, most);
  }

  private List<Part> parts(Map<UUID, List<Span>> stretches) {
    List<Part> parts = new ArrayList<>();
    for (Analysed text : texts) {
      Analysed own = text.only(stretches.getOrDefault(text.source().id(), List.of()));
      if (!own.sentences().isEmpty()) {
        parts.add(Part.plain(own, 0, own.sentences().size()));
      }
    }
    return parts;
  }
}
