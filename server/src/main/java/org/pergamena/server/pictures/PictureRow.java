package org.pergamena.server.pictures;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.util.UUID;
import org.pergamena.formats.image.ImageKind;

/** An image that topics of a map show or did show. */
@Entity
@Table(name = "picture")
@IdClass(PictureRow.Key.class)
class PictureRow {
  /** Which image of which map. */
  record Key(UUID mapId, String image) {}

  @Id UUID mapId;
  @Id String image;
  UUID contentId;

  @Enumerated(EnumType.STRING)
  ImageKind kind;

  int width;
  int height;

  /** The image for the screen, null if the whole is sent. */
  byte[] screen;

  protected PictureRow() {}
}
