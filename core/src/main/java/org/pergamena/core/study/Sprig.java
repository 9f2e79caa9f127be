package org.pergamena.core.study;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.function.Supplier;
import org.pergamena.core.map.Branch;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Origin;
import org.pergamena.core.map.Stance;
import org.pergamena.core.map.Topic;
import org.pergamena.core.source.Passage;

/**
 * What was found, as it comes on the map: a topic with its passages and what is below it.
 *
 * @param label cut if it is longer than labels are
 */
public record Sprig(String label, String note, List<Passage> passages, List<Sprig> children) {
  private static final int MOST_PASSAGES = 50;

  public Sprig {
    passages = List.copyOf(passages);
    children = List.copyOf(children);
  }

  /** One with nothing but its label and what is below it. */
  public static Sprig of(String label, List<Sprig> children) {
    return new Sprig(label, "", List.of(), children);
  }

  /** The same with some of its passages alone. */
  public Sprig keeping(Predicate<Passage> kept) {
    return new Sprig(
        label,
        note,
        passages.stream().filter(kept).toList(),
        children.stream().map(child -> child.keeping(kept)).toList());
  }

  /** The branch that it becomes; its passages are those of a person, who chose them. */
  public Branch branch(Supplier<UUID> identities) {
    List<Topic> topics = new ArrayList<>();
    add(null, topics, identities);
    return new Branch(topics);
  }

  private UUID add(UUID parent, List<Topic> topics, Supplier<UUID> identities) {
    UUID id = identities.get();
    int at = topics.size();
    topics.add(null);
    List<UUID> below = new ArrayList<>();
    children.forEach(child -> below.add(child.add(id, topics, identities)));
    Content content =
        Content.labelled(Naming.shortened(label, Content.LONGEST_LABEL))
            .withNote(note)
            .withEvidence(evidence(passages, identities));
    topics.set(at, new Topic(id, parent, below, content));
    return id;
  }

  /** Passages as those of a person, who chose them. */
  public static List<Evidence> evidence(List<Passage> passages, Supplier<UUID> identities) {
    return passages.stream()
        .filter(passage -> passage.exact().length() <= Passage.LONGEST)
        .limit(MOST_PASSAGES)
        .map(
            passage ->
                new Evidence(identities.get(), passage, Stance.SUPPORTS, Origin.HAND_LINKED, 1))
        .toList();
  }
}
