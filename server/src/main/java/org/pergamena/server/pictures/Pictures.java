package org.pergamena.server.pictures;

import jakarta.persistence.EntityManager;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.map.MapRuleException;
import org.pergamena.core.map.Picture;
import org.pergamena.formats.image.Drawings;
import org.pergamena.formats.image.Gallery;
import org.pergamena.formats.image.ImageKind;
import org.pergamena.formats.image.KeptImage;
import org.pergamena.formats.picture.Drawing;
import org.pergamena.server.maps.Limits;
import org.pergamena.server.site.Refused;
import org.pergamena.server.sources.SourceFiles;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The images of maps. They stay as long as their map does, so that undo finds them. */
@Service
public class Pictures {
  /** The most images that one map keeps, those that no topic shows any more among them. */
  static final int MOST = 2_000;

  private final EntityManager entities;
  private final SourceFiles files;
  private final Limits limits;

  Pictures(EntityManager entities, SourceFiles files, Limits limits) {
    this.entities = entities;
    this.files = files;
    this.limits = limits;
  }

  /** An image that a topic can show, by its name, with its size in pixels. */
  public record Kept(String image, int width, int height) {}

  /** The bytes of an image. */
  record Shown(ImageKind kind, byte[] bytes) {}

  /** Keeps an image for a map, once however often it is brought. */
  @Transactional
  public Kept keep(UUID mapId, KeptImage image) {
    UUID content = files.content(image.bytes());
    String name = content.toString();
    Kept kept = new Kept(name, image.width(), image.height());
    if (entities.find(PictureRow.class, new PictureRow.Key(mapId, name)) != null) {
      return kept;
    }
    limits.requireRoomForBytes(mapId, image.bytes().length);
    requireRoom(mapId);
    entities
        .createNativeQuery(
            "insert into picture (map_id, image, content_id, kind, width, height, screen)"
                + " values (:map, :image, :content, :kind, :width, :height, :screen)"
                + " on conflict do nothing")
        .setParameter("map", mapId)
        .setParameter("image", name)
        .setParameter("content", content)
        .setParameter("kind", image.kind().name())
        .setParameter("width", image.width())
        .setParameter("height", image.height())
        .setParameter("screen", image.screen())
        .executeUpdate();
    return kept;
  }

  private void requireRoom(UUID mapId) {
    long there =
        entities
            .createQuery("select count(p) from PictureRow p where p.mapId = :map", Long.class)
            .setParameter("map", mapId)
            .getSingleResult();
    if (there >= MOST) {
      throw new Refused(
          HttpStatus.UNPROCESSABLE_CONTENT,
          "A map keeps at most " + MOST + " pictures. Copy what you need into a new map.");
    }
  }

  /** Gives a map some images of another, those that it has already not twice. */
  @Transactional
  public void bring(UUID fromMap, UUID toMap, Set<String> images) {
    if (images.stream().allMatch(Drawings::has)) {
      return;
    }
    entities.flush();
    entities
        .createNativeQuery(
            "insert into picture (map_id, image, content_id, kind, width, height, screen)"
                + " select :to, image, content_id, kind, width, height, screen from picture"
                + " where map_id = :from and image in (:images) on conflict do nothing")
        .setParameter("images", images)
        .setParameter("from", fromMap)
        .setParameter("to", toMap)
        .executeUpdate();
  }

  /**
   * Refuses pictures of images that the map does not have.
   *
   * @throws MapRuleException with a sentence for the person
   */
  @Transactional(readOnly = true)
  public void requireKnown(UUID mapId, List<Picture> pictures) {
    List<String> wanted = new ArrayList<>();
    pictures.forEach(picture -> wanted.add(picture.image()));
    wanted.removeIf(Drawings::has);
    if (wanted.isEmpty()) {
      return;
    }
    long known =
        entities
            .createQuery(
                "select count(p) from PictureRow p where p.mapId = :map and p.image in :images",
                Long.class)
            .setParameter("map", mapId)
            .setParameter("images", wanted)
            .getSingleResult();
    if (known < wanted.stream().distinct().count()) {
      throw new MapRuleException("This picture is not kept with the map. Add it again.");
    }
  }

  /**
   * An image for the screen.
   *
   * @throws Refused if the map has none of that name
   */
  @Transactional(readOnly = true)
  public Shown screen(UUID mapId, String image) {
    PictureRow row = row(mapId, image);
    return row.screen == null
        ? new Shown(row.kind, files.bytes(row.contentId))
        : new Shown(ImageKind.of(row.screen), row.screen);
  }

  /**
   * An image as it came; an SVG without what does not draw.
   *
   * @throws Refused if the map has none of that name
   */
  @Transactional(readOnly = true)
  public Shown whole(UUID mapId, String image) {
    PictureRow row = row(mapId, image);
    return new Shown(row.kind, files.bytes(row.contentId));
  }

  private PictureRow row(UUID mapId, String image) {
    PictureRow row = entities.find(PictureRow.class, new PictureRow.Key(mapId, image));
    if (row == null) {
      throw Refused.notFound("This picture");
    }
    return row;
  }

  /**
   * The images of a map, to be drawn at a scale: an SVG from its pixels, as it was drawn once where
   * it could do no harm.
   */
  public Gallery gallery(UUID mapId, int scale) {
    return new Gallery(
        image -> bytes(mapId, image, false), image -> bytes(mapId, image, true), scale);
  }

  private byte[] bytes(UUID mapId, String image, boolean drawn) {
    if (Drawings.has(image)) {
      return Drawing.shipped(image);
    }
    PictureRow row = entities.find(PictureRow.class, new PictureRow.Key(mapId, image));
    if (row == null) {
      return null;
    }
    return drawn && row.kind == ImageKind.SVG ? row.screen : files.bytes(row.contentId);
  }
}
