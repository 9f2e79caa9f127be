package org.pergamena.server.maps;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.List;
import org.pergamena.core.map.AlsoChange;
import org.pergamena.core.map.Arrangement;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.Colour;
import org.pergamena.core.map.CommentChange;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.EvidenceChange;
import org.pergamena.core.map.Gloss;
import org.pergamena.core.map.Legend;
import org.pergamena.core.map.LegendChange;
import org.pergamena.core.map.LinkChange;
import org.pergamena.core.map.LookChange;
import org.pergamena.core.map.Paper;
import org.pergamena.core.map.Picture;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.ShelfChange;
import org.pergamena.core.map.Style;
import org.pergamena.core.map.Styles;
import org.pergamena.core.map.Together;
import org.pergamena.core.map.Trace;
import org.pergamena.core.map.TreeChange;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Changes as they are stored with a revision, each with the number of its format. */
final class ChangeJson {
  /** The format in which changes are written today; older ones are read too. */
  static final int FORMAT = 6;

  private static final JsonMapper MAPPER =
      JsonMapper.builder()
          .addMixIn(Change.class, Kinds.class)
          .addMixIn(Place.class, Places.class)
          .addMixIn(Colour.class, Colours.class)
          .addMixIn(Gloss.class, Glosses.class)
          .build();

  private ChangeJson() {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = TreeChange.AddBranch.class, name = "add"),
    @JsonSubTypes.Type(value = TreeChange.RemoveBranch.class, name = "remove"),
    @JsonSubTypes.Type(value = TreeChange.Move.class, name = "move"),
    @JsonSubTypes.Type(value = ContentChange.Relabel.class, name = "relabel"),
    @JsonSubTypes.Type(value = ContentChange.Annotate.class, name = "annotate"),
    @JsonSubTypes.Type(value = ContentChange.DefineTopic.class, name = "define"),
    @JsonSubTypes.Type(value = ContentChange.Lead.class, name = "lead"),
    @JsonSubTypes.Type(value = ContentChange.Mark.class, name = "mark"),
    @JsonSubTypes.Type(value = ContentChange.Illustrate.class, name = "illustrate"),
    @JsonSubTypes.Type(value = ContentChange.SetAside.class, name = "aside"),
    @JsonSubTypes.Type(value = ContentChange.Refill.class, name = "refill"),
    @JsonSubTypes.Type(value = EvidenceChange.Link.class, name = "link"),
    @JsonSubTypes.Type(value = EvidenceChange.Unlink.class, name = "unlink"),
    @JsonSubTypes.Type(value = EvidenceChange.Judge.class, name = "judge"),
    @JsonSubTypes.Type(value = LinkChange.Connect.class, name = "connect"),
    @JsonSubTypes.Type(value = LinkChange.Disconnect.class, name = "disconnect"),
    @JsonSubTypes.Type(value = LinkChange.Rephrase.class, name = "rephrase"),
    @JsonSubTypes.Type(value = LinkChange.Reattach.class, name = "reattach"),
    @JsonSubTypes.Type(value = LinkChange.Qualify.class, name = "qualify"),
    @JsonSubTypes.Type(value = LinkChange.Ground.class, name = "ground"),
    @JsonSubTypes.Type(value = LinkChange.Bow.class, name = "bow"),
    @JsonSubTypes.Type(value = LinkChange.Remark.class, name = "remark"),
    @JsonSubTypes.Type(value = LegendChange.Define.class, name = "legend"),
    @JsonSubTypes.Type(value = AlsoChange.Show.class, name = "also"),
    @JsonSubTypes.Type(value = AlsoChange.Hide.class, name = "notAlso"),
    @JsonSubTypes.Type(value = CommentChange.Say.class, name = "say"),
    @JsonSubTypes.Type(value = CommentChange.Unsay.class, name = "unsay"),
    @JsonSubTypes.Type(value = CommentChange.Reword.class, name = "reword"),
    @JsonSubTypes.Type(value = CommentChange.Settle.class, name = "settle"),
    @JsonSubTypes.Type(value = LookChange.Paint.class, name = "paint"),
    @JsonSubTypes.Type(value = LookChange.Arrange.class, name = "arrange"),
    @JsonSubTypes.Type(value = ShelfChange.Withdraw.class, name = "withdraw"),
    @JsonSubTypes.Type(value = ShelfChange.Restore.class, name = "restore"),
    @JsonSubTypes.Type(value = ShelfChange.Retext.class, name = "retext"),
    @JsonSubTypes.Type(value = Together.class, name = "together")
  })
  private interface Kinds {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "at")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Place.First.class, name = "first"),
    @JsonSubTypes.Type(value = Place.Last.class, name = "last"),
    @JsonSubTypes.Type(value = Place.After.class, name = "after"),
    @JsonSubTypes.Type(value = Place.Nth.class, name = "nth")
  })
  private interface Places {}

  /** What did not come with a reply says nothing of one. */
  private interface Glosses {
    @JsonInclude(JsonInclude.Include.NON_NULL)
    Trace trace();
  }

  private interface Colours {
    @JsonValue
    String written();

    @JsonCreator
    static Colour read(String written) {
      return Colour.read(written);
    }
  }

  /** A look in today's format. */
  static String write(Style style) {
    return MAPPER.writeValueAsString(style);
  }

  /** A look that was written. */
  static Style readStyle(String json) {
    return MAPPER.readValue(json, Style.class);
  }

  /** A paper in today's format. */
  static String write(Paper paper) {
    return MAPPER.writeValueAsString(paper);
  }

  /** A paper that was written. */
  static Paper readPaper(String json) {
    return MAPPER.readValue(json, Paper.class);
  }

  /** Looks and rules in today's format. */
  static String write(Styles styles) {
    return MAPPER.writeValueAsString(styles);
  }

  /** Looks and rules that were written. */
  static Styles readStyles(String json) {
    return MAPPER.readValue(json, Styles.class);
  }

  /** A trace in today's format. */
  static String write(Trace trace) {
    return MAPPER.writeValueAsString(trace);
  }

  /** A trace that was written. */
  static Trace readTrace(String json) {
    return MAPPER.readValue(json, Trace.class);
  }

  /** Pictures of a topic in today's format. */
  static String writePictures(List<Picture> pictures) {
    return MAPPER.writeValueAsString(pictures);
  }

  /** Pictures that were written. */
  static List<Picture> readPictures(String json) {
    return List.of(MAPPER.readValue(json, Picture[].class));
  }

  /** Passages in today's format. */
  static String writePassages(List<Evidence> passages) {
    return MAPPER.writeValueAsString(passages);
  }

  /** Passages that were written. */
  static List<Evidence> readPassages(String json) {
    return List.of(MAPPER.readValue(json, Evidence[].class));
  }

  /** A change in today's format. */
  static String write(Change change) {
    return MAPPER.writerFor(Change.class).writeValueAsString(change);
  }

  /** How something is laid out in today's format. */
  static String write(Arrangement arrangement) {
    return MAPPER.writeValueAsString(arrangement);
  }

  /** An arrangement that was written. */
  static Arrangement readArrangement(String json) {
    return MAPPER.readValue(json, Arrangement.class);
  }

  /** A legend in today's format. */
  static String write(Legend legend) {
    return MAPPER.writeValueAsString(legend);
  }

  /** A legend that was written. */
  static Legend readLegend(String json) {
    return MAPPER.readValue(json, Legend.class);
  }

  /** A change that was written in some format. */
  static Change read(int format, String json) {
    JsonNode tree = MAPPER.readTree(json);
    if (format < 2) {
      FirstFormat.renew(tree);
    }
    if (format < 3) {
      SecondFormat.renew(tree);
    }
    if (format < 4) {
      ThirdFormat.renew(tree);
    }
    if (format < 5) {
      FourthFormat.renew(tree);
    }
    if (format < 6) {
      FifthFormat.renew(tree);
    }
    return MAPPER.treeToValue(tree, Change.class);
  }
}
