package org.pergamena.core.writing;

import java.util.Optional;
import java.util.UUID;
import org.pergamena.core.map.Branch;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.CommentChange;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.LinkChange;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TreeChange;

/** What is saved again and again while a person types in one field is one change. */
public final class TypedOn {
  private TypedOn() {}

  /**
   * The change that both come to, if the later only goes on writing what the earlier wrote; it has
   * the earlier one's inverse.
   */
  public static Optional<Change> of(Change earlier, Change later) {
    if (earlier instanceof TreeChange.AddBranch add
        && later instanceof ContentChange.Relabel relabel) {
      return added(add, relabel);
    }
    UUID written = written(later);
    boolean goesOn = earlier.getClass() == later.getClass() && written != null;
    return goesOn && written.equals(written(earlier)) ? Optional.of(later) : Optional.empty();
  }

  private static Optional<Change> added(TreeChange.AddBranch add, ContentChange.Relabel relabel) {
    Topic topic = add.branch().topics().get(0);
    if (add.branch().topics().size() > 1 || !topic.id().equals(relabel.topic())) {
      return Optional.empty();
    }
    Topic named = topic.with(content -> content.withLabel(relabel.label().strip()));
    return Optional.of(new TreeChange.AddBranch(add.parent(), add.place(), Branch.of(named)));
  }

  /** Whose text a change writes, or null if it does something else. */
  private static UUID written(Change change) {
    if (change instanceof ContentChange.Relabel relabel) {
      return relabel.topic();
    } else if (change instanceof ContentChange.Annotate annotate) {
      return annotate.topic();
    } else if (change instanceof ContentChange.DefineTopic define) {
      return define.topic();
    } else if (change instanceof ContentChange.Lead lead) {
      return lead.topic();
    } else if (change instanceof LinkChange.Rephrase rephrase) {
      return rephrase.link();
    } else if (change instanceof LinkChange.Remark remark) {
      return remark.link();
    } else if (change instanceof CommentChange.Reword reword) {
      return reword.comment();
    }
    return null;
  }
}
