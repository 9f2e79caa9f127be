package org.pergamena.server.maps;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.DynamicUpdate;
import org.pergamena.core.map.Arrangement;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Extent;
import org.pergamena.core.map.Gloss;
import org.pergamena.core.map.Look;
import org.pergamena.core.map.Picture;
import org.pergamena.core.map.Style;
import org.pergamena.core.map.Topic;

/** A topic without its evidence and extent. */
@Entity
@Table(name = "topic")
@DynamicUpdate
class TopicRow {
  @Id UUID id;
  UUID mapId;
  UUID parentId;

  /** Keeps siblings in order. */
  long rank;

  /** Of a main branch, from 0; null for others. */
  Integer colour;

  String label;
  String note;
  String summary;
  boolean aside;

  /** How it looks by hand, as JSON; null if that is as without. */
  String style;

  /** How it and all below it look by hand, as JSON; null if that is as without. */
  String belowStyle;

  /** Where it lies loose, or null for both. */
  Double spotLeft;

  Double spotTop;

  /** How far from its parent it stands off, or null for both. */
  Double offLeft;

  Double offTop;

  /** At which its label is broken, or null. */
  Integer labelWidth;

  /** How its branch is laid out, as JSON; null if that is as around it. */
  String arrangement;

  String definition;
  boolean pinned;

  /** The words on the line from its parent. */
  String lead;

  String[] tags;

  /** Its pictures as JSON, null if there are none. */
  String pictures;

  /** The reply that it came with as JSON, or null. */
  String trace;

  protected TopicRow() {}

  TopicRow(UUID mapId, Topic topic, long rank) {
    this.id = topic.id();
    this.mapId = mapId;
    place(topic, rank);
    set(topic.content());
  }

  final void place(Topic topic, long newRank) {
    parentId = topic.parent();
    rank = newRank;
  }

  final void set(Content content) {
    label = content.label();
    note = content.note();
    summary = content.summary();
    aside = content.aside();
    style = written(content.look().style());
    belowStyle = written(content.look().below());
    Look.Spot off = content.look().off();
    offLeft = off == null ? null : off.x();
    offTop = off == null ? null : off.y();
    labelWidth = content.look().width();
    Look.Spot spot = content.look().spot();
    spotLeft = spot == null ? null : spot.x();
    spotTop = spot == null ? null : spot.y();
    Arrangement given = content.look().arrangement();
    arrangement = given.equals(Arrangement.NONE) ? null : ChangeJson.write(given);
    definition = content.gloss().definition();
    pinned = content.gloss().pinned();
    lead = content.gloss().phrase();
    tags = content.gloss().tags().toArray(String[]::new);
    List<Picture> shown = content.gloss().pictures();
    pictures = shown.isEmpty() ? null : ChangeJson.writePictures(shown);
    trace = content.gloss().trace() == null ? null : ChangeJson.write(content.gloss().trace());
  }

  private static String written(Style style) {
    return style.equals(Style.NONE) ? null : ChangeJson.write(style);
  }

  private static Style read(String written) {
    return written == null ? Style.NONE : ChangeJson.readStyle(written);
  }

  Topic topic(List<UUID> children, List<Evidence> evidence, List<Extent> extent) {
    Look look =
        new Look(
            read(style),
            read(belowStyle),
            spotLeft == null ? null : new Look.Spot(spotLeft, spotTop),
            offLeft == null ? null : new Look.Spot(offLeft, offTop),
            labelWidth,
            arrangement == null ? Arrangement.NONE : ChangeJson.readArrangement(arrangement));
    List<Picture> shown = pictures == null ? List.of() : ChangeJson.readPictures(pictures);
    Gloss gloss =
        new Gloss(
            definition,
            pinned,
            lead,
            List.of(tags),
            shown,
            trace == null ? null : ChangeJson.readTrace(trace));
    return new Topic(
        id,
        parentId,
        children,
        new Content(label, note, summary, evidence, extent, aside, look, gloss));
  }
}
