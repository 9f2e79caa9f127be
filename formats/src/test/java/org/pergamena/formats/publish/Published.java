package org.pergamena.formats.publish;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.layout.MapLayout;
import org.pergamena.core.layout.Scene;
import org.pergamena.core.layout.Sheet;
import org.pergamena.core.layout.TopicLook;
import org.pergamena.core.layout.Typesetter;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.MapLook;
import org.pergamena.core.map.Origin;
import org.pergamena.core.map.Picture;
import org.pergamena.core.map.Stance;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.progress.Progress;
import org.pergamena.core.publish.Scope;
import org.pergamena.core.reference.Field;
import org.pergamena.core.reference.Person;
import org.pergamena.core.reference.Reference;
import org.pergamena.core.reference.Role;
import org.pergamena.core.reference.Work;
import org.pergamena.core.reference.WorkType;
import org.pergamena.core.source.PageLayout;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.source.Span;
import org.pergamena.formats.citation.Style;
import org.pergamena.formats.fonts.FontMeasurer;
import org.pergamena.formats.image.Drawings;
import org.pergamena.formats.image.Gallery;
import org.pergamena.formats.json.MapArchive;
import org.pergamena.formats.picture.Pixels;
import org.pergamena.formats.picture.Theme;
import org.pergamena.formats.read.Facts;
import org.pergamena.formats.read.SourceKind;

/** A small map with one of everything, as it is published. */
final class Published {
  static final UUID ROOT = new UUID(0, 1);
  static final UUID WALL = new UUID(0, 2);
  static final UUID AGE = new UUID(0, 3);
  static final UUID CREEKS = new UUID(0, 4);
  static final Source SURVEY =
      new Source(new UUID(1, 1), "Survey <report>", SourceText.plain("The wall is old."));
  static final String NOTE =
      "\u0001Ask **the warden**, *soon*, at [her page](https://example.org/w).\n\n"
          + "1. First\n2. Second\n   - below\n\n> She said & meant it [see @pell2029, p. 3].";
  private static final Reference BOOK =
      new Reference(
          WorkType.BOOK,
          Map.of(Role.AUTHOR, List.of(Person.body("Estuary Board"))),
          Map.of(Field.TITLE, SURVEY.name(), Field.ISSUED, "2025"));
  private static final Reference OTHER =
      new Reference(
          WorkType.BOOK,
          Map.of(Role.AUTHOR, List.of(new Person("Pell", "Jory", ""))),
          Map.of(Field.TITLE, "Silt", Field.ISSUED, "2029"));

  private Published() {}

  static TopicMap map() {
    Passage passage = Passage.of(SURVEY, new Span(0, 16));
    Evidence evidence = new Evidence(new UUID(2, 1), passage, Stance.SUPPORTS, Origin.DISTILLED, 1);
    Picture fish = new Picture(new UUID(3, 1), "ink/fish", "A fish", Picture.Where.ABOVE, 60, 1);
    Content age =
        Content.labelled("Age & <state>")
            .withNote(NOTE)
            .withEvidence(List.of(evidence))
            .withGloss(gloss -> gloss.withDefinition("In years.", false).withTags(List.of("open")));
    Content creeks = Content.labelled("Creeks").withGloss(g -> g.withPictures(List.of(fish)));
    return TopicMap.of(
        List.of(
            new Topic(ROOT, null, List.of(WALL, CREEKS), Content.labelled("The marsh")),
            new Topic(WALL, ROOT, List.of(AGE), Content.labelled("Wall")),
            new Topic(AGE, WALL, List.of(), age),
            new Topic(CREEKS, ROOT, List.of(), creeks)),
        List.of(CrossLink.of(new UUID(4, 1), AGE, CREEKS, "fills")),
        MapLook.USUAL);
  }

  static Publication with(Form form) {
    return with(form, "apa", false);
  }

  static Publication with(Form form, String style, boolean footnotes) {
    return with(map(), form, style, footnotes);
  }

  static Publication with(TopicMap map, Form form, String style, boolean footnotes) {
    Scope.Published published = Scope.WHOLE.of(map);
    Sheet sheet =
        new Sheet(
            published.map(),
            null,
            Set.of(),
            topic ->
                new TopicLook(
                    "1",
                    List.of(0),
                    "",
                    "",
                    false,
                    false,
                    List.of(),
                    "",
                    topic.content().gloss().pictures(),
                    org.pergamena.core.map.Style.NONE),
            new Typesetter(Theme.LIGHT.palette(), new FontMeasurer()));
    Scene scene = MapLayout.lay(sheet);
    return new Publication(
        new Publication.Front(
            "A survey", "Estuary Board", "", "", "2026", "By [us](https://example.org/us)."),
        published,
        List.of(SURVEY),
        Works.of(
            List.of(
                new Works.Shelved(SURVEY.id(), SURVEY.name(), "text", new Work("board2025", BOOK)),
                new Works.Shelved(null, "Silt", "", new Work("pell2029", OTHER))),
            Style.of(style).orElseThrow(),
            "en",
            footnotes),
        () -> scene,
        new Gallery(image -> Drawings.svg(image, "#2b2620").orElse(null), 2),
        new Store(),
        form,
        Progress.NONE);
  }

  /** The file of the one source; its pictures ship. */
  private static final class Store implements MapArchive.Store {
    @Override
    public MapArchive.SourceFile file(UUID source) {
      return new MapArchive.SourceFile(
          "survey/1.txt",
          "The wall is old.".getBytes(StandardCharsets.UTF_8),
          SourceKind.TEXT,
          Facts.NONE,
          List.of(),
          PageLayout.NONE,
          List.of());
    }

    @Override
    public byte[] picture(String image) {
      return null;
    }
  }

  /** With so many pixels for each of the scene. */
  static Publication scaled(double scale) {
    return with(Form.USUAL.of(Pixels.scaled(scale)));
  }

  static byte[] written(FileFormat format, Publication publication) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    format.write(publication, out);
    return out.toByteArray();
  }
}
