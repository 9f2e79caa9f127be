package org.pergamena.server.desk;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.PositiveOrZero;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.pergamena.core.map.Ink;
import org.pergamena.core.map.LayoutKind;
import org.pergamena.core.map.Regrouping;
import org.pergamena.core.map.TopicMap;

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
  @JsonSubTypes.Type(value = Edit.Unlink.class, name = "Unlink"),
  @JsonSubTypes.Type(value = Edit.Connect.class, name = "Connect"),
  @JsonSubTypes.Type(value = Edit.Rephrase.class, name = "Rephrase"),
  @JsonSubTypes.Type(value = Edit.Disconnect.class, name = "Disconnect"),
  @JsonSubTypes.Type(value = Edit.Paint.class, name = "Paint"),
  @JsonSubTypes.Type(value = Edit.Arrange.class, name = "Arrange"),
  @JsonSubTypes.Type(value = Edit.Merge.class, name = "Merge"),
  @JsonSubTypes.Type(value = Edit.Between.class, name = "Between"),
  @JsonSubTypes.Type(value = Edit.Sort.class, name = "Sort"),
  @JsonSubTypes.Type(value = Edit.MovePassages.class, name = "MovePassages"),
  @JsonSubTypes.Type(value = Edit.Split.class, name = "Split"),
  @JsonSubTypes.Type(value = Edit.Several.class, name = "Several")
})
public sealed interface Edit {
  /** Passages that one edit moves at most. */
  int MOST_PASSAGES = 5_000;

  /** Adds a topic under a parent, after one of its children or, if that is null, before all. */
  record Add(
      @NotNull UUID topic,
      @NotNull UUID parent,
      @Schema(
              types = {"string", "null"},
              format = "uuid")
          UUID after,
      @NotNull String label)
      implements Edit {}

  /** Gives a topic another label. */
  record Rename(@NotNull UUID topic, @NotNull String label) implements Edit {}

  /** Gives a topic another note. */
  record Note(@NotNull UUID topic, @NotNull String note) implements Edit {}

  /** Sets a topic aside with all below it, or takes it back among the others. */
  record SetAside(@NotNull UUID topic, boolean aside) implements Edit {}

  /** Takes a topic out with all below it. */
  record Remove(@NotNull UUID topic) implements Edit {}

  /** Moves a topic with all below it, after a child of the parent or, if null, before all. */
  record Move(
      @NotNull UUID topic,
      @NotNull UUID parent,
      @Schema(
              types = {"string", "null"},
              format = "uuid")
          UUID after)
      implements Edit {}

  /** Links words of a source to a topic, given in UTF-16 code units. */
  record Link(@NotNull UUID topic, @NotNull UUID source, @PositiveOrZero int start, int end)
      implements Edit {}

  /** Unlinks a passage from a topic. */
  record Unlink(@NotNull UUID topic, @NotNull UUID evidence) implements Edit {}

  /** Links two topics outside the tree. */
  record Connect(@NotNull UUID link, @NotNull UUID from, @NotNull UUID to, @NotNull String phrase)
      implements Edit {}

  /** Puts other words on a cross-link. */
  record Rephrase(@NotNull UUID link, @NotNull String phrase) implements Edit {}

  /** Takes a cross-link away. */
  record Disconnect(@NotNull UUID link) implements Edit {}

  /** Gives a topic's label an ink, or the theme's if null. */
  record Paint(@NotNull UUID topic, @Schema(types = {"string", "null"}) Ink ink) implements Edit {}

  /** Places the topics of the map in another way. */
  record Arrange(@NotNull LayoutKind layout) implements Edit {}

  /** Merges topics into one, which takes on what they carry and what is below them. */
  record Merge(
      @NotNull UUID into, @NotEmpty @Size(max = TopicMap.MOST_TOPICS) List<@NotNull UUID> topics)
      implements Edit {}

  /** Puts a new topic between topics that stand under the same one and that one. */
  record Between(
      @NotNull UUID topic,
      @NotNull String label,
      @NotEmpty @Size(max = TopicMap.MOST_TOPICS) List<@NotNull UUID> around)
      implements Edit {}

  /** Puts what is right below a topic in order. */
  record Sort(@NotNull UUID topic, @NotNull Regrouping.Order by) implements Edit {}

  /** Puts passages of a topic to another. */
  record MovePassages(
      @NotNull UUID topic,
      @NotEmpty @Size(max = MOST_PASSAGES) List<@NotNull UUID> evidence,
      @NotNull UUID to)
      implements Edit {}

  /** Makes a new topic of passages of a topic, right after it, or under it. */
  record Split(
      @NotNull UUID topic,
      @NotEmpty @Size(max = MOST_PASSAGES) List<@NotNull UUID> evidence,
      @NotNull UUID added,
      @NotNull String label,
      boolean under)
      implements Edit {}

  /** Several of the others in their order, as one step. */
  record Several(@NotEmpty @Size(max = TopicMap.MOST_TOPICS) @Valid List<@NotNull Edit> edits)
      implements Edit {}
}
