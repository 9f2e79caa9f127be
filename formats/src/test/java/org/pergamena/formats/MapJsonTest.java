package org.pergamena.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Extent;
import org.pergamena.core.map.Origin;
import org.pergamena.core.map.Picture;
import org.pergamena.core.map.Stance;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.source.Span;
import org.pergamena.formats.json.MapJson;
import org.pergamena.formats.json.WholeMap;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class MapJsonTest {
  @Test
  void a_map_is_written_with_offsets_and_only_the_locators_that_there_are() {
    Source source =
        new Source(new UUID(0, 1), "note.txt", SourceText.plain("\uD834\uDD1E The wall."));
    Span span = new Span(3, 12);
    Topic root =
        Topic.of(
            new UUID(0, 2),
            Content.labelled("Wall")
                .withGrounds(
                    "The wall.",
                    List.of(
                        new Evidence(
                            new UUID(0, 3),
                            Passage.of(source, span),
                            Stance.SUPPORTS,
                            Origin.DISTILLED,
                            0.5)),
                    List.of(new Extent(source.id(), span))));
    Picture picture = new Picture(new UUID(0, 4), "ink/wall", "A wall", Picture.Where.ABOVE, 80, 2);
    root = root.with(content -> content.withGloss(gloss -> gloss.withPictures(List.of(picture))));
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    MapJson.write(new WholeMap(TopicMap.rootedAt(root), List.of(source), List.of()), out);
    JsonNode json = JsonMapper.builder().build().readTree(out.toByteArray());
    assertThat(json.at("/sources/0/name").asString()).isEqualTo("note.txt");
    JsonNode topic = json.at("/topics/0");
    assertThat(topic.get("parent").isNull()).isTrue();
    assertThat(topic.at("/extent/0/start").asInt()).isEqualTo(3);
    assertThat(topic.at("/pictures/0/height").asInt()).isEqualTo(160);
    JsonNode passage = topic.at("/passages/0");
    assertThat(passage.get("exact").asString()).isEqualTo("The wall.");
    assertThat(passage.has("page")).isFalse();
    assertThat(passage.has("startMs")).isFalse();
  }
}
