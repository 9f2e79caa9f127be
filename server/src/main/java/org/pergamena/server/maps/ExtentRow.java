package org.pergamena.server.maps;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.util.UUID;
import org.pergamena.core.map.Extent;
import org.pergamena.core.source.Span;

/** A stretch of a source that a topic accounts for. */
@Entity
@Table(name = "topic_extent")
@IdClass(ExtentRow.Key.class)
class ExtentRow {
  /** Which one of which topic. */
  record Key(UUID topicId, int position) {}

  @Id UUID topicId;
  @Id int position;
  UUID mapId;
  UUID sourceId;
  int startAt;
  int endAt;

  protected ExtentRow() {}

  ExtentRow(UUID mapId, UUID topicId, int position, Extent extent) {
    this.topicId = topicId;
    this.position = position;
    this.mapId = mapId;
    this.sourceId = extent.source();
    this.startAt = extent.span().start();
    this.endAt = extent.span().end();
  }

  Extent extent() {
    return new Extent(sourceId, new Span(startAt, endAt));
  }
}
