package org.pergamena.core.distil;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import org.pergamena.core.distil.quote.Quote;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Extent;
import org.pergamena.core.map.Origin;
import org.pergamena.core.map.Stance;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Passage;

/** What distilling found: a tree of topics, without identities yet. */
public record Distilled(Node root) {

  /** A topic to be. */
  public record Node(
      String label,
      String summary,
      List<Extent> extent,
      List<Quote> quotes,
      List<Node> children,
      boolean aside) {}

  /**
   * The topics as a map.
   *
   * @param rootId the identity that the root gets
   * @param ids gives a fresh identity for each other topic and each piece of evidence
   */
  public TopicMap map(UUID rootId, Supplier<UUID> ids) {
    List<Topic> topics = new ArrayList<>();
    collect(root, rootId, null, ids, topics);
    return TopicMap.of(topics);
  }

  private static void collect(
      Node node, UUID id, UUID parent, Supplier<UUID> ids, List<Topic> topics) {
    List<UUID> children = node.children().stream().map(child -> ids.get()).toList();
    List<Evidence> evidence = new ArrayList<>();
    for (Quote quote : node.quotes()) {
      evidence.add(
          new Evidence(
              ids.get(),
              Passage.of(quote.text().source(), quote.span()),
              Stance.SUPPORTS,
              Origin.DISTILLED,
              quote.strength()));
    }
    topics.add(
        new Topic(
            id,
            parent,
            children,
            Content.labelled(node.label())
                .withGrounds(node.summary(), evidence, node.extent())
                .withAside(node.aside())));
    for (int i = 0; i < children.size(); i++) {
      collect(node.children().get(i), children.get(i), id, ids, topics);
    }
  }
}
