package org.pergamena.server.desk;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.UUID;
import org.pergamena.core.analysis.Coverage;
import org.pergamena.core.map.Also;
import org.pergamena.core.map.Bend;
import org.pergamena.core.map.Comment;
import org.pergamena.core.map.Look;
import org.pergamena.core.map.Manner;
import org.pergamena.core.map.Picture;
import org.pergamena.core.map.Trace;
import org.pergamena.server.jobs.Jobs;

/**
 * All that the desk shows of a map at once, all of it from one moment.
 *
 * @param topics every parent before its children, closed branches too
 * @param also where topics are shown again
 * @param comments remarks, the earliest first; some may be on what is not there any more
 * @param proposals the strongest first
 */
record Desk(
    UUID id,
    DeskFacts facts,
    List<TopicView> topics,
    List<CrossLinkView> links,
    List<Also> also,
    List<Comment> comments,
    List<SourceView> sources,
    SceneView scene,
    List<Jobs.View> jobs,
    List<ProposalView> proposals) {

  /**
   * A link between two topics outside the tree.
   *
   * @param grounds how many passages bear it out
   * @param bend how its line was bent by hand, or null
   */
  record CrossLinkView(
      UUID id,
      UUID from,
      UUID to,
      String phrase,
      Manner.Direction direction,
      boolean supposed,
      String note,
      int grounds,
      @Schema(
              types = {"object", "null"},
              implementation = Bend.class)
          Bend bend) {}

  /**
   * A passage that may bear a topic out and waits to be accepted or refused.
   *
   * @param place page, time or heading, as it is cited
   * @param strength 0 to 1
   */
  record ProposalView(
      UUID id,
      UUID topic,
      UUID source,
      int start,
      int end,
      String exact,
      String place,
      double strength) {}

  /**
   * A topic without its passages.
   *
   * @param branch its main branch from 0, -1 for the root, -2 if it or one above is aside
   * @param passages how many bear it out, those below it included
   * @param own how many are its own
   * @param sourceCount from how many sources they are
   * @param adrift how many of its own are no longer in their source
   * @param fresh whether a source that was folded in brought something to it that nobody has seen
   * @param came whether it came with that source itself
   * @param added how many of its passages did
   * @param aside whether it is set aside itself
   * @param style that it was given by hand, or null
   * @param below that it and all below it were given by hand, or null
   * @param contrast of its label with what is behind it, if that is too little to read well, or
   *     null
   * @param put whether it stands off by hand
   * @param wide at which its label is broken by hand, or null
   * @param arrangement of its branch, null if that is as around it
   * @param pinned whether its definition stays in sight
   * @param lead the words on the line from its parent
   * @param tags identities of tags of the legend
   * @param loose where it lies loose beside the tree, or null if it stands in it
   */
  record TopicView(
      UUID id,
      @Schema(
              types = {"string", "null"},
              format = "uuid")
          UUID parent,
      List<UUID> children,
      String label,
      String note,
      String summary,
      String number,
      int level,
      int branch,
      int passages,
      int own,
      int sourceCount,
      int adrift,
      boolean fresh,
      boolean came,
      int added,
      boolean thin,
      boolean aside,
      boolean closed,
      @Schema(
              types = {"object", "null"},
              implementation = StyleView.class)
          StyleView style,
      @Schema(
              types = {"object", "null"},
              implementation = StyleView.class)
          StyleView below,
      @Schema(types = {"number", "null"}) Double contrast,
      boolean put,
      @Schema(types = {"integer", "null"}) Integer wide,
      @Schema(
              types = {"object", "null"},
              implementation = ArrangementView.class)
          ArrangementView arrangement,
      String definition,
      boolean pinned,
      String lead,
      List<String> tags,
      List<Picture> pictures,
      @Schema(
              types = {"object", "null"},
              implementation = Trace.class)
          Trace trace,
      @Schema(
              types = {"object", "null"},
              implementation = Look.Spot.class)
          Look.Spot loose) {}

  /**
   * A source on the shelf.
   *
   * @param kind what a person calls its kind, null until it is read
   * @param ink its colour among the sources' inks
   * @param language its English name, empty if it cannot be told
   * @param sound media type of its recording, or null
   * @param length of its text in code units, 0 until it is read
   * @param adrift how many linked passages are no longer in its text
   * @param toFold number of words on no topic that folding it in would bring
   * @param like the name of a source before it that is nearly the same text, or null
   * @param newer whether these are what a newer version of it brought
   * @param share of its text that is on the map, 0 to 1
   */
  record SourceView(
      UUID id,
      String name,
      String fileName,
      @Schema(types = {"string", "null"}) String kind,
      @Schema(types = {"string", "null"}) String problem,
      int ink,
      int words,
      int pages,
      long durationMs,
      String language,
      String author,
      String dated,
      @Schema(types = {"string", "null"}) String sound,
      int length,
      int adrift,
      int toFold,
      @Schema(types = {"string", "null"}) String like,
      boolean newer,
      double share,
      List<Coverage.Stretch> ribbon) {}
}
