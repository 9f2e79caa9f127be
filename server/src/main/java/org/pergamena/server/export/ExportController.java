package org.pergamena.server.export;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.layout.Scene;
import org.pergamena.core.map.LookChange;
import org.pergamena.core.map.MapLook;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.outline.MarkdownOutline;
import org.pergamena.core.source.Source;
import org.pergamena.formats.json.MapJson;
import org.pergamena.formats.picture.PngPicture;
import org.pergamena.formats.picture.Theme;
import org.pergamena.server.desk.Drawing;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.maps.Views;
import org.pergamena.server.pictures.Pictures;
import org.pergamena.server.sources.Sources;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** Maps as files: Markdown and PNG. */
@RestController
@RequestMapping("/api/maps/{map}/export")
class ExportController {
  private final Maps maps;
  private final Sources sources;
  private final Drawing drawing;
  private final Views views;
  private final Pictures pictures;

  ExportController(Maps maps, Sources sources, Drawing drawing, Views views, Pictures pictures) {
    this.views = views;
    this.pictures = pictures;
    this.maps = maps;
    this.sources = sources;
    this.drawing = drawing;
  }

  /** How large a picture would be, in pixels. */
  record PictureSize(int width, int height) {}

  /** A map as it is now, or the branches of some topics as a map of their own. */
  private Maps.Current of(UUID map, List<UUID> topics) {
    Maps.Current current = maps.get(map);
    return topics == null || topics.isEmpty()
        ? current
        : new Maps.Current(map, current.revision(), current.map().only(topics));
  }

  /** A map, or the branches of some topics, as Markdown. */
  @GetMapping("/markdown")
  ResponseEntity<byte[]> markdown(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestParam(required = false) List<UUID> topic) {
    Maps.Current current = of(map, topic);
    String text = MarkdownOutline.write(current.map(), sources.texts(map));
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, attachment(current, ".md"))
        .contentType(new MediaType("text", "markdown", StandardCharsets.UTF_8))
        .body(text.getBytes(StandardCharsets.UTF_8));
  }

  /** The map with its sources' texts, for other programs. */
  @GetMapping("/json")
  ResponseEntity<StreamingResponseBody> json(@PathVariable UUID map) {
    Maps.Current current = maps.get(map);
    List<Source> texts = sources.texts(map);
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, attachment(current, ".json"))
        .contentType(MediaType.APPLICATION_JSON)
        .body(out -> MapJson.write(current.map(), texts, out));
  }

  /**
   * The map as a picture.
   *
   * @param scale pixels for each scene pixel, 1 to 8
   * @param whole whether closed branches are drawn open
   * @param topic those of which the branches are drawn alone, or null
   */
  @GetMapping("/png")
  ResponseEntity<StreamingResponseBody> png(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestParam int scale,
      @RequestParam boolean whole,
      @RequestParam(required = false) List<UUID> topic) {
    Maps.Current current = of(map, topic);
    PngPicture picture = PngPicture.of(scene(visitor, current, whole), scale);
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, attachment(current, ".png"))
        .contentType(MediaType.IMAGE_PNG)
        .body(out -> picture.write(Theme.LIGHT, pictures.gallery(map, scale), out));
  }

  @GetMapping("/png/size")
  PictureSize size(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestParam int scale,
      @RequestParam boolean whole) {
    PngPicture picture = PngPicture.of(scene(visitor, maps.get(map), whole), scale);
    return new PictureSize(picture.width(), picture.height());
  }

  private Scene scene(UUID visitor, Maps.Current current, boolean whole) {
    return drawing
        .prepare(printed(current.map()), sources.ids(current.id()), Set.of())
        .scene(whole ? Set.of() : views.of(visitor, current.id()).closed());
  }

  /** On paper nothing can be chosen, so that links which show by that are marked. */
  private static TopicMap printed(TopicMap map) {
    MapLook look = map.look();
    return look.crossing() == MapLook.Crossing.CHOSEN
        ? map.apply(
                new LookChange.Arrange(
                    new MapLook(
                        look.layout(), look.numbered(), MapLook.Crossing.TIES, look.tinted())))
            .map()
        : map;
  }

  private static String attachment(Maps.Current current, String ending) {
    String name =
        current.map().root().label().replaceAll("[\\\\/:*?\"<>|\\p{Cntrl}]+", " ").strip();
    return ContentDisposition.attachment()
        .filename((name.isEmpty() ? "map" : name) + ending, StandardCharsets.UTF_8)
        .build()
        .toString();
  }
}
