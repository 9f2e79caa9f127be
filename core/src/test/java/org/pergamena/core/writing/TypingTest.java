package org.pergamena.core.writing;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.Comment;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;

class TypingTest {
  private static final UUID ROOT = new UUID(0, 1);
  private static final TopicMap MAP = TopicMap.rootedAt(Topic.labelled(ROOT, "Old creeks"));

  @Test
  void what_was_typed_from_what_is_there_is_taken() {
    TopicMap now = typed(MAP, new ContentChange.Relabel(ROOT, "New creeks"), "Old creeks");
    assertThat(now.root().label()).isEqualTo("New creeks");
    assertThat(now.comments()).isEmpty();
  }

  @Test
  void what_another_has_written_meanwhile_stays_beside_it() {
    TopicMap theirs = MAP.apply(new ContentChange.Relabel(ROOT, "Old creeks and silt")).map();
    TopicMap now = typed(theirs, new ContentChange.Relabel(ROOT, "The old creeks"), "Old creeks");
    assertThat(now.root().label()).isEqualTo("The old creeks and silt");
    assertThat(now.comments()).isEmpty();
  }

  @Test
  void two_wordings_are_both_kept_and_a_remark_says_so_once() {
    TopicMap theirs = MAP.apply(new ContentChange.Annotate(ROOT, "silt")).map();
    TopicMap once = typed(theirs, new ContentChange.Annotate(ROOT, "sand"), "");
    assertThat(once.root().note()).isEqualTo("silt / sand");
    TopicMap twice = typed(once, new ContentChange.Annotate(ROOT, "gravel"), "mud");
    assertThat(twice.root().note()).contains("silt / sand", "gravel");
    assertThat(twice.comments()).extracting(Comment::text).containsExactly(Typing.BOTH);
  }

  @Test
  void what_there_is_no_room_for_is_said_in_a_remark() {
    String theirs = "a".repeat(200);
    String mine = "b".repeat(200);
    TopicMap there = MAP.apply(new ContentChange.Relabel(ROOT, theirs)).map();
    TopicMap now = typed(there, new ContentChange.Relabel(ROOT, mine), "Old creeks");
    assertThat(now.root().label()).isEqualTo(theirs);
    assertThat(now.comments().get(0).text()).isEqualTo("Also written here: " + mine);
  }

  private static TopicMap typed(TopicMap now, Change change, String from) {
    return now.apply(
            Typing.merged(
                now,
                change,
                from,
                said ->
                    new Comment(
                        UUID.randomUUID(),
                        said.subject(),
                        ROOT,
                        Instant.EPOCH,
                        said.words(),
                        false)))
        .map();
  }
}
