package org.pergamena.core.map;

import java.util.List;

/**
 * One edit of a map, or of the sources on its shelf. Changes name topics by identity and places by
 * what stands before them, so that changes to different topics and places hold in any order.
 *
 * <p>The kinds stand in one file for each subject.
 */
public sealed interface Change
    permits TreeChange,
        ContentChange,
        EvidenceChange,
        LinkChange,
        LookChange,
        LegendChange,
        AlsoChange,
        CommentChange,
        ShelfChange,
        Together {

  /** The changes that this is made of, itself if it is one. */
  default List<Change> parts() {
    return List.of(this);
  }

  /**
   * Does this to a draft and gives its inverse.
   *
   * @throws MapRuleException with a sentence for the person if it breaks a rule
   */
  Change applyTo(Draft draft);
}
