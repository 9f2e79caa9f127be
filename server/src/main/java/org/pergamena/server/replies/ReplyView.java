package org.pergamena.server.replies;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.brief.Brief;
import org.pergamena.core.outline.Outline;
import org.pergamena.core.reply.Compared.Difference;
import org.pergamena.core.reply.Compared.Kind;
import org.pergamena.core.reply.Comparing;
import org.pergamena.core.reply.Reply;

/**
 * A reply as it is read, and how it stands to its map.
 *
 * @param about the topics that it is about, none for the whole map
 * @param brief what was asked, in a line, may be empty
 * @param asked the brief as it was sent, may be empty
 * @param onlyMore whether it was asked only for what is not there, so that what it leaves out says
 *     nothing
 */
record ReplyView(
    UUID id,
    String assistant,
    @Schema(types = {"string", "null"}) Brief.Wish wish,
    List<UUID> about,
    String brief,
    String asked,
    Instant cameAt,
    String body,
    List<Reply.Point> points,
    List<Reply.Linked> links,
    List<Outline.Repair> repairs,
    List<Reply.Left> left,
    List<DifferenceView> differences,
    boolean onlyMore) {

  /**
   * In what a point and the map differ.
   *
   * @param yours whether it would take the place of what a person did by hand
   * @param refused whether a person does not want it
   */
  record DifferenceView(
      String id,
      Kind kind,
      int point,
      @Schema(
              types = {"string", "null"},
              format = "uuid")
          UUID topic,
      String was,
      String is,
      double sure,
      boolean yours,
      boolean refused) {}

  static ReplyView of(Replies.Standing standing) {
    ReplyRow row = standing.row();
    Set<String> refused = standing.refused();
    return new ReplyView(
        row.id,
        row.assistant,
        row.wish,
        List.of(row.about),
        row.brief,
        row.asked,
        row.cameAt,
        row.body,
        standing.reply().points(),
        standing.reply().links(),
        standing.reply().repairs(),
        standing.reply().left(),
        standing.compared().differences().stream()
            .map(each -> view(each, refused.contains(each.says())))
            .toList(),
        Comparing.onlyMore(row.wish));
  }

  private static DifferenceView view(Difference each, boolean refused) {
    return new DifferenceView(
        each.id(),
        each.kind(),
        each.point(),
        each.topic(),
        each.was(),
        each.is(),
        each.sure(),
        each.yours(),
        refused);
  }
}
