package org.pergamena.core.writing;

import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.Comment;
import org.pergamena.core.map.CommentChange;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Gloss;
import org.pergamena.core.map.LinkChange;
import org.pergamena.core.map.Together;
import org.pergamena.core.map.TopicMap;

/** What was typed in a text of a map while somebody may have written there too. */
public final class Typing {
  /** What is said where both wordings are kept. */
  public static final String BOTH =
      "Two wordings were written here at the same time. Both are kept: choose one.";

  private Typing() {}

  /**
   * A change of one text as it comes to on a map in which that text may have changed since.
   *
   * @param change what was typed; one that writes no text is as it was
   * @param from the text that it was typed from
   * @param remark makes a remark with these words on the topic or link that is written in
   */
  public static Change merged(
      TopicMap now, Change change, String from, Function<Said, Comment> remark) {
    Text text = text(now, change);
    return text == null ? change : text.merged(now, from, remark);
  }

  /** The text that a change writes, or null if it does something else. */
  private static Text text(TopicMap now, Change change) {
    if (change instanceof ContentChange.Relabel to) {
      String there = now.topic(to.topic()).label();
      Function<String, Change> write = words -> new ContentChange.Relabel(to.topic(), words);
      return new Text(to.topic(), there, to.label().strip(), Content.LONGEST_LABEL, write);
    } else if (change instanceof ContentChange.Annotate to) {
      String there = now.topic(to.topic()).note();
      Function<String, Change> write = words -> new ContentChange.Annotate(to.topic(), words);
      return new Text(to.topic(), there, to.note(), Content.LONGEST_NOTE, write);
    } else if (change instanceof ContentChange.DefineTopic to) {
      String there = now.topic(to.topic()).content().gloss().definition();
      Function<String, Change> write =
          words -> new ContentChange.DefineTopic(to.topic(), words, to.pinned());
      return new Text(to.topic(), there, to.definition().strip(), Gloss.LONGEST_DEFINITION, write);
    } else if (change instanceof ContentChange.Lead to) {
      String there = now.topic(to.topic()).content().gloss().phrase();
      Function<String, Change> write = words -> new ContentChange.Lead(to.topic(), words);
      return new Text(to.topic(), there, to.phrase().strip(), CrossLink.LONGEST_PHRASE, write);
    } else if (change instanceof LinkChange.Rephrase to) {
      String there = now.link(to.link()).phrase();
      Function<String, Change> write = words -> new LinkChange.Rephrase(to.link(), words);
      return new Text(to.link(), there, to.phrase().strip(), CrossLink.LONGEST_PHRASE, write);
    } else if (change instanceof LinkChange.Remark to) {
      String there = now.link(to.link()).note();
      Function<String, Change> write = words -> new LinkChange.Remark(to.link(), words);
      return new Text(to.link(), there, to.note(), CrossLink.LONGEST_NOTE, write);
    }
    return null;
  }

  /** Words to be said of a topic or link. */
  public record Said(UUID subject, String words) {}

  /**
   * A text that is written.
   *
   * @param there how it is now
   * @param typed how it is to be
   */
  private record Text(
      UUID subject, String there, String typed, int longest, Function<String, Change> write) {
    Change merged(TopicMap now, String from, Function<Said, Comment> remark) {
      MergedText merged = MergedText.of(from, there, typed);
      if (merged.text().length() > longest && merged.both()) {
        // no room for both: what is there stays, what was typed is said beside it
        String words = "Also written here: " + typed;
        String said = words.substring(0, Math.min(Comment.LONGEST, words.length()));
        return new CommentChange.Say(remark.apply(new Said(subject, said)));
      }
      Change written = write.apply(merged.text());
      if (!merged.both() || told(now)) {
        return written;
      }
      Change saying = new CommentChange.Say(remark.apply(new Said(subject, BOTH)));
      return new Together(List.of(written, saying));
    }

    private boolean told(TopicMap now) {
      return now.comments().stream()
          .anyMatch(c -> c.subject().equals(subject) && !c.resolved() && c.text().equals(BOTH));
    }
  }
}
