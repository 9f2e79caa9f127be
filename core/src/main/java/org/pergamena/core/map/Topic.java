package org.pergamena.core.map;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import org.pergamena.core.source.Span;

/**
 * A node of the map: its place in the tree, and what it carries.
 *
 * @param parent null for the root
 * @param children in their order
 */
public record Topic(UUID id, UUID parent, List<UUID> children, Content content) {
  public Topic {
    children = List.copyOf(children);
  }

  /** A topic with nothing but its label, in no tree yet. */
  public static Topic labelled(UUID id, String label) {
    return of(id, Content.labelled(label));
  }

  /** A topic in no tree yet. */
  public static Topic of(UUID id, Content content) {
    return new Topic(id, null, List.of(), content);
  }

  /** One line, not blank. */
  public String label() {
    return content.label();
  }

  /** The person's own words, may be empty. */
  public String note() {
    return content.note();
  }

  /** A sentence from the evidence, word for word, may be empty. */
  public String summary() {
    return content.summary();
  }

  /** The passages linked to it, in their order. */
  public List<Evidence> evidence() {
    return content.evidence();
  }

  /** The stretches of text that it accounts for. */
  public List<Extent> extent() {
    return content.extent();
  }

  /** Whether it is set aside itself. */
  public boolean aside() {
    return content.aside();
  }

  /** Whether a passage or an extent of it lies in a source. */
  public boolean restsOn(UUID source) {
    return content.restsOn(source);
  }

  /** All that it has of a source: extents and passages that are found there, sorted and apart. */
  public List<Span> spans(UUID source) {
    return content.spans(source);
  }

  /** The same carrying something else. */
  public Topic with(UnaryOperator<Content> change) {
    return new Topic(id, parent, children, change.apply(content));
  }

  /** The same under another parent; under none if that is null. */
  public Topic withParent(UUID newParent) {
    return new Topic(id, newParent, children, content);
  }

  /** The same above other children. */
  public Topic withChildren(List<UUID> newChildren) {
    return new Topic(id, parent, newChildren, content);
  }

  /**
   * The same for somebody else, with identities of its own.
   *
   * @param ids what each topic became; the parent is none if that is not among them
   * @param sources what each source became
   */
  Topic copied(Map<UUID, UUID> ids, UnaryOperator<UUID> sources, Supplier<UUID> identities) {
    return new Topic(
        ids.get(id),
        ids.get(parent),
        children.stream().map(ids::get).toList(),
        content.copied(sources, identities));
  }

  Topic withChild(Place place, UUID child) {
    List<UUID> now = new ArrayList<>(children);
    now.add(place.among(children), child);
    return withChildren(now);
  }

  Topic withoutChild(UUID child) {
    return withChildren(children.stream().filter(id -> !id.equals(child)).toList());
  }
}
