package org.pergamena.formats.json;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.pergamena.core.map.Bend;
import org.pergamena.core.map.Fan;
import org.pergamena.core.map.Ink;
import org.pergamena.core.map.LabelWidth;
import org.pergamena.core.map.LayoutKind;
import org.pergamena.core.map.LineForm;
import org.pergamena.core.map.Look;
import org.pergamena.core.map.Manner;
import org.pergamena.core.map.MapLook;
import org.pergamena.core.map.MapTheme;
import org.pergamena.core.map.Origin;
import org.pergamena.core.map.Paper;
import org.pergamena.core.map.Picture;
import org.pergamena.core.map.Spacing;
import org.pergamena.core.map.Stance;
import org.pergamena.core.map.Style;
import org.pergamena.core.map.Styles;
import org.pergamena.core.map.Tag;
import org.pergamena.core.map.Trace;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.CueSpan;
import org.pergamena.core.source.PageSpan;
import org.pergamena.core.source.PlaceSpan;
import org.pergamena.core.source.Span;

/**
 * A map as a JSON document, as {@code docs/map.schema.json} describes it. What is missing in a file
 * is null here.
 *
 * @param format always {@value #FORMAT}
 * @param version of the format, {@value #VERSION} today
 */
@JsonInclude(Include.NON_NULL)
record MapDocument(
    String format,
    Integer version,
    List<SourceJson> sources,
    @JsonInclude(Include.NON_EMPTY) List<WorkJson> works,
    WholeMap.Manner citing,
    List<TopicJson> topics,
    List<LinkJson> links,
    List<Tag> tags,
    @JsonInclude(Include.NON_EMPTY) List<AlsoJson> also,
    @JsonInclude(Include.NON_EMPTY) List<RemarkJson> remarks,
    LookJson look) {
  static final String FORMAT = "pergamena-map";
  static final int VERSION = 1;

  /** How the map is shown, with the colours of its main branches by their identities. */
  @JsonInclude(Include.NON_NULL)
  record LookJson(
      LayoutKind layout,
      LineForm lines,
      Spacing spacing,
      LabelWidth labels,
      Fan fan,
      MapTheme theme,
      Boolean numbered,
      MapLook.Crossing crossing,
      Boolean tinted,
      Paper paper,
      Styles styles,
      @JsonInclude(Include.NON_EMPTY) List<String> walk,
      Map<String, Integer> colours) {}

  /** A source; offsets count UTF-16 code units of its text. */
  @JsonInclude(Include.NON_EMPTY)
  record SourceJson(
      String id,
      String name,
      String language,
      @JsonInclude(Include.ALWAYS) String text,
      List<Block> blocks,
      List<PageSpan> pages,
      List<CueSpan> cues,
      List<PlaceSpan> places,
      List<Span> excluded) {}

  /** A work, with or without a text; {@code item} is one of CSL-JSON. */
  @JsonInclude(Include.NON_NULL)
  record WorkJson(String source, String key, Map<String, Object> item) {}

  /**
   * A topic; parents stand before their children, and siblings in their order.
   *
   * @param ink that files had before there were styles
   */
  @JsonInclude(Include.NON_EMPTY)
  record TopicJson(
      String id,
      @JsonInclude(Include.ALWAYS) String parent,
      String label,
      String note,
      String definition,
      @JsonInclude(Include.NON_NULL) Boolean pinned,
      String lead,
      List<String> tags,
      List<PictureJson> pictures,
      @JsonInclude(Include.NON_NULL) Trace trace,
      @JsonInclude(Include.ALWAYS) String summary,
      @JsonInclude(Include.NON_NULL) Boolean aside,
      Ink ink,
      @JsonInclude(Include.NON_NULL) Style style,
      @JsonInclude(Include.NON_NULL) Style below,
      Look.Spot spot,
      Look.Spot off,
      @JsonInclude(Include.NON_NULL) Integer width,
      @JsonInclude(Include.NON_NULL) ArrangementJson arrangement,
      @JsonInclude(Include.ALWAYS) List<ExtentJson> extent,
      @JsonInclude(Include.ALWAYS) List<PassageJson> passages) {}

  /** How a branch is laid out; what is missing is as around it. */
  @JsonInclude(Include.NON_NULL)
  record ArrangementJson(
      LayoutKind layout, LineForm lines, Spacing spacing, LabelWidth labels, Fan fan) {}

  /** A picture on a topic. */
  record PictureJson(
      String id, String image, String alt, Picture.Where where, double width, double height) {}

  /** A stretch of text that a topic accounts for. */
  record ExtentJson(String source, int start, int end) {}

  /** A passage; without start and end its words are not in the source's text any more. */
  @JsonInclude(Include.NON_NULL)
  record PassageJson(
      String id,
      String source,
      Integer start,
      Integer end,
      String exact,
      String prefix,
      String suffix,
      Stance stance,
      Origin origin,
      Double strength,
      Integer page,
      Long startMs) {}

  /** A cross-link. */
  @JsonInclude(Include.NON_EMPTY)
  record LinkJson(
      String id,
      String from,
      String to,
      @JsonInclude(Include.ALWAYS) String phrase,
      Manner.Direction direction,
      @JsonInclude(Include.ALWAYS) Boolean supposed,
      String note,
      Bend bend,
      List<PassageJson> passages) {}

  /** A topic that is shown again under another. */
  record AlsoJson(String id, String topic, String parent) {}

  /** A remark on a topic, cross-link or passage. */
  record RemarkJson(String id, String subject, Instant at, String text, boolean resolved) {}
}
