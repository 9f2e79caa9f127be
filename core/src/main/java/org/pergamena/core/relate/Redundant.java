package org.pergamena.core.relate;

import java.util.List;
import java.util.UUID;

/**
 * A cross-link that says nothing more.
 *
 * @param others the cross-links that say it, none if the tree does
 */
public record Redundant(UUID link, Reason reason, List<UUID> others) {
  /** Why it says nothing more. */
  public enum Reason {
    /** Another one leads between the same topics and has words, or the same words. */
    TWICE,
    /** Another one leads back with the same words, so that one pointing both ways says both. */
    BOTH_WAYS,
    /** One of its ends stands right under the other, and it says no more than that. */
    TREE,
    /** Two others with the same words lead there by way of a third topic. */
    IMPLIED
  }
}
