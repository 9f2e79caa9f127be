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
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.map.Bend;
import org.pergamena.core.map.Gloss;
import org.pergamena.core.map.Manner;
import org.pergamena.core.map.MapLook;
import org.pergamena.core.map.MapTheme;
import org.pergamena.core.map.Picture;
import org.pergamena.core.map.Regrouping;
import org.pergamena.core.map.Stance;
import org.pergamena.core.map.Tag;
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
  @JsonSubTypes.Type(value = Edit.Judge.class, name = "Judge"),
  @JsonSubTypes.Type(value = Edit.Connect.class, name = "Connect"),
  @JsonSubTypes.Type(value = Edit.Rephrase.class, name = "Rephrase"),
  @JsonSubTypes.Type(value = Edit.Disconnect.class, name = "Disconnect"),
  @JsonSubTypes.Type(value = Edit.Paint.class, name = "Paint"),
  @JsonSubTypes.Type(value = Edit.Put.class, name = "Put"),
  @JsonSubTypes.Type(value = Edit.Widen.class, name = "Widen"),
  @JsonSubTypes.Type(value = Edit.Plain.class, name = "Plain"),
  @JsonSubTypes.Type(value = Edit.Arrange.class, name = "Arrange"),
  @JsonSubTypes.Type(value = Edit.ArrangeBranch.class, name = "ArrangeBranch"),
  @JsonSubTypes.Type(value = Edit.Merge.class, name = "Merge"),
  @JsonSubTypes.Type(value = Edit.Between.class, name = "Between"),
  @JsonSubTypes.Type(value = Edit.Sort.class, name = "Sort"),
  @JsonSubTypes.Type(value = Edit.MovePassages.class, name = "MovePassages"),
  @JsonSubTypes.Type(value = Edit.Split.class, name = "Split"),
  @JsonSubTypes.Type(value = Edit.Define.class, name = "Define"),
  @JsonSubTypes.Type(value = Edit.Lead.class, name = "Lead"),
  @JsonSubTypes.Type(value = Edit.Mark.class, name = "Mark"),
  @JsonSubTypes.Type(value = Edit.Illustrate.class, name = "Illustrate"),
  @JsonSubTypes.Type(value = Edit.Legend.class, name = "Legend"),
  @JsonSubTypes.Type(value = Edit.Reattach.class, name = "Reattach"),
  @JsonSubTypes.Type(value = Edit.Qualify.class, name = "Qualify"),
  @JsonSubTypes.Type(value = Edit.Remark.class, name = "Remark"),
  @JsonSubTypes.Type(value = Edit.Ground.class, name = "Ground"),
  @JsonSubTypes.Type(value = Edit.Unground.class, name = "Unground"),
  @JsonSubTypes.Type(value = Edit.Bow.class, name = "Bow"),
  @JsonSubTypes.Type(value = Edit.Order.class, name = "Order"),
  @JsonSubTypes.Type(value = Edit.Clean.class, name = "Clean"),
  @JsonSubTypes.Type(value = Edit.Hang.class, name = "Hang"),
  @JsonSubTypes.Type(value = Edit.Bring.class, name = "Bring"),
  @JsonSubTypes.Type(value = Edit.Plant.class, name = "Plant"),
  @JsonSubTypes.Type(value = Edit.Empty.class, name = "Empty"),
  @JsonSubTypes.Type(value = Edit.AddLoose.class, name = "AddLoose"),
  @JsonSubTypes.Type(value = Edit.Lay.class, name = "Lay"),
  @JsonSubTypes.Type(value = Edit.ShowAlso.class, name = "ShowAlso"),
  @JsonSubTypes.Type(value = Edit.HideAlso.class, name = "HideAlso"),
  @JsonSubTypes.Type(value = Edit.Say.class, name = "Say"),
  @JsonSubTypes.Type(value = Edit.Unsay.class, name = "Unsay"),
  @JsonSubTypes.Type(value = Edit.Reword.class, name = "Reword"),
  @JsonSubTypes.Type(value = Edit.Settle.class, name = "Settle"),
  @JsonSubTypes.Type(value = Edit.Several.class, name = "Several")
})
public sealed interface Edit {
  /** Passages that one edit moves at most. */
  int MOST_PASSAGES = 5_000;

  /** The longest table that is pasted, in code units. */
  int LONGEST_TABLE = 400_000;

  /** What is said of a longer one. */
  String TABLE_TOO_LONG = "400,000 characters of a table can be pasted at once. Use less.";

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

  /** Gives a topic another definition, and has it stay in sight or not. */
  record Define(@NotNull UUID topic, @NotNull String definition, boolean pinned) implements Edit {}

  /** Puts other words on the line that leads to a topic from its parent. */
  record Lead(@NotNull UUID topic, @NotNull String phrase) implements Edit {}

  /** Gives a topic other tags. */
  record Mark(@NotNull UUID topic, @NotNull @Size(max = Gloss.MOST_TAGS) List<@NotNull String> tags)
      implements Edit {}

  /** Gives a topic other pictures, each of an image that the map has or that ships. */
  record Illustrate(
      @NotNull UUID topic, @NotNull @Size(max = Picture.MOST) List<@NotNull Picture> pictures)
      implements Edit {}

  /** Gives the map other tags; those that are not among them any more go from its topics. */
  record Legend(@NotNull List<@NotNull Tag> tags) implements Edit {}

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

  /** Says how a passage bears on its topic. */
  record Judge(@NotNull UUID topic, @NotNull UUID evidence, @NotNull Stance stance)
      implements Edit {}

  /** Links two topics outside the tree. */
  record Connect(@NotNull UUID link, @NotNull UUID from, @NotNull UUID to, @NotNull String phrase)
      implements Edit {}

  /** Puts other words on a cross-link. */
  record Rephrase(@NotNull UUID link, @NotNull String phrase) implements Edit {}

  /** Has a cross-link lead between other topics, or the other way round. */
  record Reattach(@NotNull UUID link, @NotNull UUID from, @NotNull UUID to) implements Edit {}

  /** Has a cross-link point elsewhere, or be supposed or asserted. */
  record Qualify(@NotNull UUID link, @NotNull Manner.Direction direction, boolean supposed)
      implements Edit {}

  /**
   * Has words of a source bear a cross-link out, given in UTF-16 code units.
   *
   * @param stance how they bear on it; null if they support it
   */
  record Ground(
      @NotNull UUID link, @NotNull UUID source, @PositiveOrZero int start, int end, Stance stance)
      implements Edit {}

  /** Takes a passage from a cross-link. */
  record Unground(@NotNull UUID link, @NotNull UUID evidence) implements Edit {}

  /** Bends the line of a cross-link, or lets it run as it would if that is null. */
  record Bow(
      @NotNull UUID link,
      @Schema(
              types = {"object", "null"},
              implementation = Bend.class)
          Bend bend)
      implements Edit {}

  /** Puts what is right below a topic in an order; what it does not name stays behind. */
  record Order(
      @NotNull UUID topic, @NotNull @Size(max = TopicMap.MOST_TOPICS) List<@NotNull UUID> children)
      implements Edit {}

  /** Gives a cross-link another note. */
  record Remark(@NotNull UUID link, @NotNull String note) implements Edit {}

  /** Takes a cross-link away. */
  record Disconnect(@NotNull UUID link) implements Edit {}

  /** Has a topic look otherwise, or it and all below it. */
  record Paint(@NotNull UUID topic, boolean below, @NotNull StyleView style) implements Edit {}

  /**
   * Has a topic stand off its parent, from upper left corner to upper left corner in scene pixels;
   * where it is laid out if both are null.
   */
  record Put(
      @NotNull UUID topic,
      @Schema(types = {"number", "null"}) Double x,
      @Schema(types = {"number", "null"}) Double y)
      implements Edit {}

  /** Has a topic's label broken at a width in scene pixels, or at the usual one if null. */
  record Widen(@NotNull UUID topic, @Schema(types = {"integer", "null"}) Integer width)
      implements Edit {}

  /** Takes from topics of a branch what they were given by hand of their look or their place. */
  record Plain(@NotNull UUID topic, @NotNull Reach reach, boolean places) implements Edit {
    /** Whose. */
    public enum Reach {
      TOPIC,
      CHILDREN,
      BRANCH
    }
  }

  /** Shows the map in another way; what is null stays as it is. */
  record Arrange(
      @Schema(
              types = {"object", "null"},
              implementation = ArrangementView.class)
          ArrangementView arrangement,
      @Schema(types = {"string", "null"}) MapTheme theme,
      @Schema(types = {"boolean", "null"}) Boolean numbered,
      @Schema(types = {"string", "null"}) MapLook.Crossing crossing,
      @Schema(types = {"boolean", "null"}) Boolean tinted,
      @Schema(
              types = {"object", "null"},
              implementation = PaperView.class)
          PaperView paper,
      @Valid
          @Schema(
              types = {"object", "null"},
              implementation = StylesView.class)
          StylesView styles,
      @Schema(types = {"array", "null"}) @Size(max = TopicMap.MOST_TOPICS) List<@NotNull UUID> walk)
      implements Edit {}

  /** Lays a branch out in another way, the map if the topic is its root. */
  record ArrangeBranch(@NotNull UUID topic, @NotNull ArrangementView arrangement) implements Edit {}

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

  /** Takes redundant cross-links away. */
  record Clean(@NotEmpty @Size(max = TopicMap.MOST_LINKS) Set<@NotNull UUID> links)
      implements Edit {}

  /** Hangs topics that stand side by side under a topic by the relations between them. */
  record Hang(@NotNull UUID topic) implements Edit {}

  /** Brings tables of topics or terms and of relations, each as text, under a topic. */
  record Bring(
      @NotNull UUID under,
      @NotNull @Size(max = LONGEST_TABLE, message = TABLE_TOO_LONG) String topics,
      @NotNull @Size(max = LONGEST_TABLE, message = TABLE_TOO_LONG) String relations)
      implements Edit {}

  /** Puts copies of branches, of this map or another of the person's, after a child or first. */
  record Plant(
      @NotNull UUID map,
      @NotEmpty @Size(max = TopicMap.MOST_TOPICS) List<@NotNull UUID> topics,
      @NotNull UUID parent,
      @Schema(
              types = {"string", "null"},
              format = "uuid")
          UUID after)
      implements Edit {}

  /** Takes all topics out, and the sources off the shelf if these are not kept. */
  record Empty(boolean keepSources) implements Edit {}

  /** Adds a topic that lies loose, so far from the root's corner, in scene pixels. */
  record AddLoose(@NotNull UUID topic, @NotNull String label, double x, double y) implements Edit {}

  /** Has a topic lie loose, with all below it, so far from the root's corner. */
  record Lay(@NotNull UUID topic, double x, double y) implements Edit {}

  /** Shows a topic under another than its parent too. */
  record ShowAlso(@NotNull UUID also, @NotNull UUID topic, @NotNull UUID parent) implements Edit {}

  /** Shows a topic in one place fewer. */
  record HideAlso(@NotNull UUID also) implements Edit {}

  /** Makes a remark on a topic, a cross-link or a passage. */
  record Say(@NotNull UUID comment, @NotNull UUID subject, @NotNull String text) implements Edit {}

  /** Takes a remark away. */
  record Unsay(@NotNull UUID comment) implements Edit {}

  /** Gives a remark other words. */
  record Reword(@NotNull UUID comment, @NotNull String text) implements Edit {}

  /** Resolves a remark or opens it again. */
  record Settle(@NotNull UUID comment, boolean resolved) implements Edit {}

  /** Several of the others in their order, as one step. */
  record Several(@NotEmpty @Size(max = TopicMap.MOST_TOPICS) @Valid List<@NotNull Edit> edits)
      implements Edit {}
}
