package org.pergamena.server.maps;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.pergamena.core.map.Topic;

/** A topic without its evidence and extent. */
@Entity
@Table(name = "topic")
class TopicRow {
  @Id UUID id;
  UUID mapId;
  UUID parentId;
  int position;
  String label;
  String note;
  String summary;
  boolean aside;
  boolean closed;

  protected TopicRow() {}

  TopicRow(UUID mapId, Topic topic, int position) {
    this.id = topic.id();
    this.mapId = mapId;
    set(topic, position);
  }

  final void set(Topic topic, int place) {
    parentId = topic.parent();
    position = place;
    label = topic.label();
    note = topic.note();
    summary = topic.summary();
    aside = topic.aside();
  }
}
