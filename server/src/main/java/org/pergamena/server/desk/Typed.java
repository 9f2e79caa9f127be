package org.pergamena.server.desk;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.UUID;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.Comment;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.writing.Typing;

/**
 * How a text came to be that a person types.
 *
 * @param from the text that it was typed from
 * @param field the time at one field in which it was typed; what is saved meanwhile is one change
 */
record Typed(@NotNull @Size(max = Content.LONGEST_NOTE) String from, @NotNull UUID field) {
  /** The change that comes of it where somebody may have written too. */
  Change merged(UUID person, TopicMap now, Change change) {
    return Typing.merged(
        now,
        change,
        from,
        said ->
            new Comment(
                UUID.randomUUID(), said.subject(), person, Instant.now(), said.words(), false));
  }
}
