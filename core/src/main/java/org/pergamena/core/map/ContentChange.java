package org.pergamena.core.map;

import java.util.List;
import java.util.UUID;

/** A change of what one topic carries. */
public sealed interface ContentChange extends Change {

  /** Gives a topic another label. */
  record Relabel(UUID topic, String label) implements ContentChange {
    @Override
    public Change applyTo(Draft draft) {
      Topic old = draft.change(topic, content -> content.withLabel(label.strip()));
      return new Relabel(topic, old.label());
    }
  }

  /** Gives a topic another note. */
  record Annotate(UUID topic, String note) implements ContentChange {
    @Override
    public Change applyTo(Draft draft) {
      Topic old = draft.change(topic, content -> content.withNote(note));
      return new Annotate(topic, old.note());
    }
  }

  /** Gives a topic another definition, and has it stay in sight or not. */
  record DefineTopic(UUID topic, String definition, boolean pinned) implements ContentChange {
    @Override
    public Change applyTo(Draft draft) {
      Gloss old =
          draft
              .change(topic, c -> c.withGloss(g -> g.withDefinition(definition.strip(), pinned)))
              .content()
              .gloss();
      return new DefineTopic(topic, old.definition(), old.pinned());
    }
  }

  /** Puts other words on the line that leads to a topic from its parent. */
  record Lead(UUID topic, String phrase) implements ContentChange {
    @Override
    public Change applyTo(Draft draft) {
      Topic old = draft.change(topic, c -> c.withGloss(gloss -> gloss.withPhrase(phrase.strip())));
      return new Lead(topic, old.content().gloss().phrase());
    }
  }

  /** Gives a topic other tags. */
  record Mark(UUID topic, List<String> tags) implements ContentChange {
    public Mark {
      tags = List.copyOf(tags);
    }

    @Override
    public Change applyTo(Draft draft) {
      Topic old = draft.change(topic, content -> content.withGloss(gloss -> gloss.withTags(tags)));
      return new Mark(topic, old.content().gloss().tags());
    }
  }

  /** Gives a topic other pictures. */
  record Illustrate(UUID topic, List<Picture> pictures) implements ContentChange {
    public Illustrate {
      pictures = List.copyOf(pictures);
    }

    @Override
    public Change applyTo(Draft draft) {
      Topic old = draft.change(topic, content -> content.withGloss(g -> g.withPictures(pictures)));
      return new Illustrate(topic, old.content().gloss().pictures());
    }
  }

  /** Sets a topic aside, with all below it, or takes it back among the others. */
  record SetAside(UUID topic, boolean aside) implements ContentChange {
    @Override
    public Change applyTo(Draft draft) {
      Topic old = draft.change(topic, content -> content.withAside(aside));
      return new SetAside(topic, old.aside());
    }
  }

  /** Gives a topic other grounds: its summary, its evidence and its extent, all at once. */
  record Refill(UUID topic, String summary, List<Evidence> evidence, List<Extent> extent)
      implements ContentChange {
    public Refill {
      evidence = List.copyOf(evidence);
      extent = List.copyOf(extent);
    }

    /** What gives a topic back the grounds that it has now. */
    static Refill of(Topic topic) {
      return new Refill(topic.id(), topic.summary(), topic.evidence(), topic.extent());
    }

    @Override
    public Change applyTo(Draft draft) {
      return of(draft.change(topic, content -> content.withGrounds(summary, evidence, extent)));
    }
  }
}
