package org.pergamena.server.desk;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.PositiveOrZero;
import java.util.UUID;

/** What a person does to a map on the page. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Edit.Add.class, name = "Add"),
  @JsonSubTypes.Type(value = Edit.Rename.class, name = "Rename"),
  @JsonSubTypes.Type(value = Edit.Note.class, name = "Note"),
  @JsonSubTypes.Type(value = Edit.SetAside.class, name = "SetAside"),
  @JsonSubTypes.Type(value = Edit.Remove.class, name = "Remove"),
  @JsonSubTypes.Type(value = Edit.Move.class, name = "Move"),
  @JsonSubTypes.Type(value = Edit.Link.class, name = "Link"),
  @JsonSubTypes.Type(value = Edit.Unlink.class, name = "Unlink")
})
public sealed interface Edit {
  /** Adds a topic as a parent's child number {@code index}, from 0. */
  record Add(
      @NotNull UUID topic, @NotNull UUID parent, @PositiveOrZero int index, @NotNull String label)
      implements Edit {}

  /** Gives a topic another label. */
  record Rename(@NotNull UUID topic, @NotNull String label) implements Edit {}

  /** Gives a topic another note. */
  record Note(@NotNull UUID topic, @NotNull String note) implements Edit {}

  /** Sets a topic aside with all below it, or takes it back among the others. */
  record SetAside(@NotNull UUID topic, boolean aside) implements Edit {}

  /** Takes a topic out with all below it. */
  record Remove(@NotNull UUID topic) implements Edit {}

  /** Moves a topic with all below it; the index is its place once it has been taken out. */
  record Move(@NotNull UUID topic, @NotNull UUID parent, @PositiveOrZero int index)
      implements Edit {}

  /** Links words of a source to a topic, given in UTF-16 code units. */
  record Link(@NotNull UUID topic, @NotNull UUID source, @PositiveOrZero int start, int end)
      implements Edit {}

  /** Unlinks a passage from a topic. */
  record Unlink(@NotNull UUID topic, @NotNull UUID evidence) implements Edit {}
}
