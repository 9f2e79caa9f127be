package org.pergamena.cli;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.pergamena.core.map.Arrangement;
import org.pergamena.core.map.LayoutKind;
import org.pergamena.core.map.LineForm;
import org.pergamena.core.map.LookChange;
import org.pergamena.core.map.MapLook;
import org.pergamena.core.map.MapTheme;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.progress.Progress;
import org.pergamena.core.publish.Scope;
import org.pergamena.core.source.Source;
import org.pergamena.formats.image.Gallery;
import org.pergamena.formats.json.MapArchive;
import org.pergamena.formats.json.WholeMap;
import org.pergamena.formats.picture.Drawing;
import org.pergamena.formats.picture.Paper;
import org.pergamena.formats.picture.Pixels;
import org.pergamena.formats.publish.FileFormat;
import org.pergamena.formats.publish.Form;
import org.pergamena.formats.publish.Publication;
import org.pergamena.formats.publish.Works;
import picocli.CommandLine.Option;

/** Where a command writes a map, and how it looks. */
final class Output {
  @Option(
      names = "-o",
      paramLabel = "FILE",
      description =
          "Where to write; its ending is the format: docx, odt, pdf, pptx, html, svg, png, jpg,"
              + " webp, md, txt, rtf, opml, tex, csv, xlsx, json, jsonld, ttl, graphml or zip"
              + " (default: Markdown on the screen).")
  private Path file;

  @Option(names = "--json", description = "Write JSON with sources, extents and passages.")
  private boolean json;

  @Option(
      names = "--paper",
      description =
          "Of a PDF: report (default), fit for the drawing on one page, A5 to A0, or A4-tiles.")
  private String paper = "report";

  @Option(names = "--scale", description = "Of a picture: 0.05 to 8 (default: 2).")
  private double scale = 2;

  @Option(
      names = "--layout",
      description =
          "How the map is laid out: braces, both-sides, leftward, downward, upward, radial or"
              + " indented (default: as it is).")
  private String layout;

  @Option(names = "--lines", description = "The lines of it: brace, elbow, curve or straight.")
  private String lines;

  @Option(
      names = "--theme",
      description =
          "How it is drawn: vellum, night, print, contrast, stage or plain (default: as it is).")
  private String theme;

  /** The format that the output's name asks for. */
  FileFormat format() {
    if (json || file == null) {
      return json ? FileFormat.JSON : FileFormat.MD;
    }
    String name = file.getFileName().toString();
    String ending = name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
    return FileFormat.of(ending)
        .orElseThrow(
            () ->
                new IllegalArgumentException(
                    "No format has names that end in ."
                        + ending
                        + ". Choose one of "
                        + Arrays.stream(FileFormat.values())
                            .map(known -> "." + known.ending())
                            .collect(Collectors.joining(", "))
                        + "."));
  }

  private Form form() {
    Paper on =
        Paper.of(paper)
            .orElseThrow(
                () -> new IllegalArgumentException("There is no paper " + paper + ". See --help."));
    return Form.USUAL.on(on).of(Pixels.scaled(scale));
  }

  private static <E extends Enum<E>> E chosen(Class<E> of, String named, String what) {
    return Arrays.stream(of.getEnumConstants())
        .filter(one -> worded(one).equals(named.toLowerCase(Locale.ROOT)))
        .findFirst()
        .orElseThrow(
            () ->
                new IllegalArgumentException(
                    "There "
                        + what
                        + " "
                        + named
                        + ". Choose one of "
                        + Arrays.stream(of.getEnumConstants())
                            .map(Output::worded)
                            .collect(Collectors.joining(", "))
                        + "."));
  }

  private static String worded(Enum<?> one) {
    return one.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /** A map laid out as the options say. */
  private TopicMap laidOut(TopicMap map) {
    if (layout == null && lines == null && theme == null) {
      return map;
    }
    MapLook look = map.look();
    Arrangement before = look.arrangement();
    Arrangement arrangement =
        new Arrangement(
            layout == null
                ? before.layout()
                : chosen(LayoutKind.class, layout, "is no layout called"),
            lines == null ? before.lines() : chosen(LineForm.class, lines, "are no lines called"),
            before.spacing(),
            before.labels(),
            before.fan());
    MapTheme shown = theme == null ? look.theme() : chosen(MapTheme.class, theme, "is no theme");
    return map.apply(new LookChange.Arrange(look.with(arrangement).with(shown))).map();
  }

  /** Writes a map. */
  void write(WholeMap brought, Works works, MapArchive.Store store) {
    FileFormat format = format();
    WholeMap whole =
        new WholeMap(laidOut(brought.map()), brought.sources(), brought.works(), brought.manner());
    Scope.Published published = Scope.WHOLE.of(whole.map());
    var inks = whole.sources().stream().map(Source::id).toList();
    Publication publication =
        new Publication(
            Publication.Front.NONE,
            published,
            whole.sources(),
            works,
            () -> new Drawing().published(published, inks).scene(Set.of()),
            new Gallery(image -> picture(store, image), (int) Math.ceil(scale)),
            store,
            form(),
            Progress.NONE);
    format.requireRoom(publication);
    try (OutputStream out = out()) {
      format.write(publication, out);
    } catch (IOException e) {
      throw new IllegalArgumentException(
          "The map cannot be written to " + file + ". Choose another place with -o.", e);
    }
  }

  private static byte[] picture(MapArchive.Store store, String image) {
    byte[] own = store.picture(image);
    return own == null ? Drawing.shipped(image) : own;
  }

  private OutputStream out() throws IOException {
    return new BufferedOutputStream(
        file == null ? new PrintStream(System.out) : Files.newOutputStream(file));
  }

  /** The files and pictures of a map that are at hand. */
  static MapArchive.Store store(
      Map<UUID, MapArchive.SourceFile> files, Map<String, byte[]> pictures) {
    return new MapArchive.Store() {
      @Override
      public MapArchive.SourceFile file(UUID source) {
        return files.get(source);
      }

      @Override
      public byte[] picture(String image) {
        return pictures.get(image);
      }
    };
  }
}
