package org.pergamena.server.maps;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.pergamena.core.map.Comment;

/** A remark on a topic, a cross-link or a passage. */
@Entity
@Table(name = "comment")
class CommentRow {
  @Id UUID id;
  UUID mapId;
  UUID subject;
  UUID author;
  Instant saidAt;
  String body;
  boolean resolved;

  protected CommentRow() {}

  CommentRow(UUID mapId, Comment comment) {
    this.id = comment.id();
    this.mapId = mapId;
    this.subject = comment.subject();
    this.author = comment.author();
    this.saidAt = comment.at();
    this.body = comment.text();
    this.resolved = comment.resolved();
  }

  Comment comment() {
    return new Comment(id, subject, author, saidAt, body, resolved);
  }
}
