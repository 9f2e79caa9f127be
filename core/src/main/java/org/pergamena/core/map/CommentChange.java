package org.pergamena.core.map;

import java.util.UUID;

/** A change of the remarks on a map. */
public sealed interface CommentChange extends Change {

  /** Makes a remark. */
  record Say(Comment comment) implements CommentChange {
    @Override
    public Change applyTo(Draft draft) {
      draft.say(comment);
      return new Unsay(comment.id());
    }
  }

  /** Takes a remark away. */
  record Unsay(UUID comment) implements CommentChange {
    @Override
    public Change applyTo(Draft draft) {
      return new Say(draft.unsay(comment));
    }
  }

  /** Gives a remark other words. */
  record Reword(UUID comment, String text) implements CommentChange {
    @Override
    public Change applyTo(Draft draft) {
      Comment old = draft.unsay(comment);
      draft.say(old.withText(text.strip()));
      return new Reword(comment, old.text());
    }
  }

  /** Resolves a remark or opens it again. */
  record Settle(UUID comment, boolean resolved) implements CommentChange {
    @Override
    public Change applyTo(Draft draft) {
      Comment old = draft.unsay(comment);
      draft.say(old.settled(resolved));
      return new Settle(comment, old.resolved());
    }
  }
}
