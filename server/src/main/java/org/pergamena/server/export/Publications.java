package org.pergamena.server.export;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import org.pergamena.core.layout.Scene;
import org.pergamena.core.map.LookChange;
import org.pergamena.core.map.MapLook;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.progress.Progress;
import org.pergamena.core.publish.Scope;
import org.pergamena.core.source.Source;
import org.pergamena.formats.image.Gallery;
import org.pergamena.formats.picture.Drawing;
import org.pergamena.formats.publish.Form;
import org.pergamena.formats.publish.Publication;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.maps.Views;
import org.pergamena.server.pictures.Pictures;
import org.pergamena.server.references.References;
import org.pergamena.server.sources.Sources;
import org.pergamena.server.templates.ReportTemplates;
import org.springframework.stereotype.Component;
import org.springframework.util.function.SingletonSupplier;

/** Gathers what a file is made of. */
@Component
public class Publications {
  private final Maps maps;
  private final Sources sources;
  private final References references;
  private final Drawing drawing;
  private final Views views;
  private final Pictures pictures;
  private final MapStores stores;
  private final ReportTemplates templates;

  Publications(
      Maps maps,
      Sources sources,
      References references,
      Drawing drawing,
      Views views,
      Pictures pictures,
      MapStores stores,
      ReportTemplates templates) {
    this.maps = maps;
    this.sources = sources;
    this.references = references;
    this.drawing = drawing;
    this.views = views;
    this.pictures = pictures;
    this.stores = stores;
    this.templates = templates;
  }

  /**
   * What a person wishes of a map.
   *
   * @param progress told how far the file is while it is written
   */
  Publication of(UUID person, UUID mapId, Wish wish, Progress progress) {
    TopicMap map = maps.get(mapId).map();
    Set<UUID> closed = wish.isOpen() ? views.of(person, mapId).closed() : Set.of();
    Scope.Published published = wish.scope(closed).of(map);
    List<UUID> inks = sources.ids(mapId);
    // drawn once, and only for formats that show it
    List<Source> texts = sources.texts(mapId);
    Supplier<Scene> scene =
        SingletonSupplier.of(
            () -> {
              Scope.Published drawn = wish.scope(Set.of()).of(printed(map));
              Scene bare = drawing.published(drawn, inks).scene(closed);
              return wish.isCaptioned() ? drawing.captioned(bare, drawn, texts) : bare;
            });
    Gallery gallery = pictures.gallery(mapId, wish.sharpness());
    return new Publication(
        wish.front(),
        published,
        texts,
        references.works(mapId, wish.isInNotes()),
        scene,
        gallery,
        stores.of(mapId, gallery),
        wish.form(templates.of(person)),
        progress);
  }

  /**
   * What is computed from sources as something to be read: as a map of its own.
   *
   * @param mapId of the map whose way of citing it follows
   */
  public Publication page(UUID mapId, TopicMap made, List<Source> texts, Progress progress) {
    Scope.Published published = Scope.WHOLE.of(made);
    List<UUID> inks = texts.stream().map(Source::id).toList();
    Gallery gallery = pictures.gallery(mapId, 1);
    return new Publication(
        Publication.Front.NONE,
        published,
        texts,
        references.works(mapId, false),
        SingletonSupplier.of(() -> drawing.published(published, inks).scene(Set.of())),
        gallery,
        stores.of(mapId, gallery),
        Form.USUAL,
        progress);
  }

  /** On paper nothing can be chosen, so that links which show by that are marked. */
  private static TopicMap printed(TopicMap map) {
    MapLook look = map.look();
    return look.crossing() == MapLook.Crossing.CHOSEN
        ? map.apply(new LookChange.Arrange(look.with(MapLook.Crossing.TIES))).map()
        : map;
  }
}
