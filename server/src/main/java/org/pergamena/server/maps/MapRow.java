package org.pergamena.server.maps;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.DynamicUpdate;
import org.pergamena.core.map.Arrangement;
import org.pergamena.core.map.MapLook;
import org.pergamena.core.map.MapTheme;
import org.pergamena.core.map.Paper;
import org.pergamena.core.map.Styles;

/** A map: whose it is and how far its revisions have come. */
@Entity
@Table(name = "map")
@DynamicUpdate
class MapRow {
  @Id UUID id;
  UUID owner;
  long revision;
  @Version long version;

  /** How it is laid out, as JSON; null for the usual. */
  String arrangement;

  @Enumerated(EnumType.STRING)
  MapTheme theme = MapTheme.VELLUM;

  boolean numbered = true;

  @Enumerated(EnumType.STRING)
  MapLook.Crossing crossing = MapLook.Crossing.LINES;

  boolean tinted;

  /** What it is drawn on, as JSON; null for what the theme has. */
  String paper;

  /** Looks and rules, as JSON; null without any. */
  String styles;

  /** The topics through which one is led, in order. */
  UUID[] walk = {};

  /** The tags with their meanings, as JSON; null for those that a map begins with. */
  String legend;

  /** Whether it is one that others begin from. */
  boolean template;

  /** Whether it had a title of its own from the start. */
  boolean titled;

  /** What it was last distilled with, as JSON, or null. */
  String distilledWith;

  Instant createdAt;
  Instant changedAt;

  protected MapRow() {}

  final void show(MapLook look) {
    boolean usual = look.arrangement().equals(MapLook.USUAL.arrangement());
    arrangement = usual ? null : ChangeJson.write(look.arrangement());
    theme = look.theme();
    numbered = look.numbered();
    crossing = look.crossing();
    tinted = look.tinted();
    paper = look.paper().equals(Paper.NONE) ? null : ChangeJson.write(look.paper());
    walk = look.walk().toArray(UUID[]::new);
    styles = look.styles().equals(Styles.NONE) ? null : ChangeJson.write(look.styles());
  }

  MapLook look() {
    Arrangement arranged =
        arrangement == null ? MapLook.USUAL.arrangement() : ChangeJson.readArrangement(arrangement);
    return new MapLook(
        arranged,
        theme,
        numbered,
        crossing,
        tinted,
        paper == null ? Paper.NONE : ChangeJson.readPaper(paper),
        styles == null ? Styles.NONE : ChangeJson.readStyles(styles),
        List.of(walk));
  }

  MapRow(UUID id, UUID owner) {
    this.id = id;
    this.owner = owner;
    this.createdAt = Instant.now();
    this.changedAt = createdAt;
  }
}
