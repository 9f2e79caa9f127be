package org.pergamena.formats.publish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.UUID;
import org.eclipse.rdf4j.model.Model;
import org.eclipse.rdf4j.model.vocabulary.RDF;
import org.eclipse.rdf4j.model.vocabulary.SKOS;
import org.eclipse.rdf4j.rio.RDFFormat;
import org.eclipse.rdf4j.rio.Rio;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Source;
import org.pergamena.formats.bring.MapFiles;
import org.pergamena.formats.citation.Style;
import org.pergamena.formats.json.MapArchive;
import org.pergamena.formats.json.WholeMap;

class BackInTest {
  private static final UUID SOMEBODY = new UUID(9, 9);

  private static byte[] written(FileFormat format) throws IOException {
    return Published.written(format, Published.scaled(1));
  }

  private static MapArchive.Contents back(FileFormat format) throws IOException {
    return MapFiles.read("map." + format.ending(), written(format), SOMEBODY);
  }

  @Test
  void a_style_of_ones_own_goes_along_and_one_that_is_none_is_left() throws IOException {
    WholeMap.Manner usual = back(FileFormat.JSON).whole().manner();
    assertThat(usual).isEqualTo(new WholeMap.Manner("apa", "en", null));
    String csl = Style.of("ieee").orElseThrow().xml();
    WholeMap whole = back(FileFormat.JSON).whole();
    WholeMap own =
        new WholeMap(
            whole.map(), whole.sources(), whole.works(), new WholeMap.Manner(Style.OWN, "fr", csl));
    assertThat(Works.of(own).manner()).isEqualTo(own.manner());
    WholeMap strange =
        new WholeMap(
            whole.map(),
            whole.sources(),
            whole.works(),
            new WholeMap.Manner(Style.OWN, "xx", "<no style>"));
    assertThat(Works.of(strange).manner()).isEqualTo(usual);
  }

  /** What a topic says and what bears it out, without identities. */
  private static String said(Topic topic, TopicMap map) {
    return map.level(topic)
        + "|"
        + topic.label()
        + "|"
        + topic.note().replace("\u0001", "")
        + "|"
        + topic.content().gloss().definition()
        + "|"
        + passages(topic.evidence());
  }

  private static List<String> passages(List<Evidence> all) {
    return all.stream().map(e -> e.stance() + " " + e.passage().exact()).toList();
  }

  private static String said(CrossLink link, TopicMap map) {
    return map.topic(link.from()).label()
        + "|"
        + link.phrase()
        + "|"
        + map.topic(link.to()).label()
        + "|"
        + link.manner();
  }

  @ParameterizedTest
  @EnumSource(names = {"ZIP", "JSON", "JSONLD", "OPML", "MD", "CSV"})
  void topics_notes_links_and_passages_come_in_again(FileFormat format) throws IOException {
    TopicMap map = Published.map();
    WholeMap whole = back(format).whole();
    TopicMap again = whole.map();
    assertThat(again.preorder().stream().map(t -> said(t, again)))
        .containsExactlyElementsOf(map.preorder().stream().map(t -> said(t, map)).toList());
    assertThat(again.links().stream().map(link -> said(link, again)))
        .containsExactlyElementsOf(map.links().stream().map(link -> said(link, map)).toList());
    assertThat(whole.sources()).extracting(Source::name).containsExactly("Survey <report>");
    Evidence evidence = again.preorder().get(2).evidence().get(0);
    assertThat(evidence.passage().anchored()).isTrue();
    assertThat(
            whole
                .sources()
                .get(0)
                .text()
                .text()
                .substring(evidence.passage().start(), evidence.passage().end()))
        .isEqualTo("The wall is old.");
  }

  @Test
  void the_whole_map_is_the_same_to_the_last_mark() throws IOException {
    MapArchive.Contents back = back(FileFormat.ZIP);
    assertThat(back.whole().map()).isEqualTo(Published.map());
    assertThat(back.whole().sources()).isEqualTo(List.of(Published.SURVEY));
    assertThat(back.whole().works()).isEqualTo(Published.scaled(1).whole().works());
    MapArchive.SourceFile file = back.files().get(Published.SURVEY.id());
    assertThat(file.name()).isEqualTo("survey/1.txt");
    assertThat(new String(file.bytes(), StandardCharsets.UTF_8)).isEqualTo("The wall is old.");
    assertThat(back(FileFormat.JSON).whole().map()).isEqualTo(Published.map());
  }

  @Test
  void what_is_no_map_says_so() throws IOException {
    byte[] zip = written(FileFormat.ZIP);
    byte[] half = java.util.Arrays.copyOf(zip, zip.length / 3);
    assertThatThrownBy(() -> MapFiles.read("x.zip", half, SOMEBODY))
        .isInstanceOf(IllegalArgumentException.class);
    for (String wrong :
        List.of(
            "{\"topics\": []}",
            "{\"topics\": [{\"id\": \"1\", \"label\": \"a\"}]}",
            "{\"topics\": [{\"label\": \"a\"}]}",
            "{\"topics\": 3}",
            "{\"version\": 99, \"topics\": [{\"label\": \"a\"}]}",
            "{\"@context\": \"http://www.w3.org/ns/anno.jsonld\", \"@graph\": []}",
            "<opml><body/></opml>",
            "<opml",
            "words")) {
      byte[] bytes = wrong.getBytes(StandardCharsets.UTF_8);
      assertThatThrownBy(() -> MapFiles.read("map", bytes, SOMEBODY))
          .as(wrong)
          .isInstanceOf(IllegalArgumentException.class)
          .hasMessageEndingWith(".");
    }
    assertThatThrownBy(
            () ->
                MapFiles.read(
                    "map.json",
                    "{\"version\": 99, \"topics\": [{}]}".getBytes(StandardCharsets.UTF_8),
                    SOMEBODY))
        .hasMessageContaining("newer Pergamena");
  }

  @Test
  void an_outline_of_others_is_taken_too() {
    String opml =
        "<opml version='2.0'><head><title>Both</title></head><body><outline text='One'>"
            + "<outline text=''/></outline><outline text='Two' _note='So'/></body></opml>";
    TopicMap map =
        MapFiles.read("x.opml", opml.getBytes(StandardCharsets.UTF_8), SOMEBODY).whole().map();
    assertThat(map.preorder())
        .extracting(Topic::label)
        .containsExactly("Both", "One", "\u2026", "Two");
    assertThat(map.preorder().get(3).note()).isEqualTo("So");
  }

  @Test
  void json_is_as_its_schema_says() throws IOException {
    Schema schema =
        SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
            .getSchema(Files.readString(Path.of("../docs/map.schema.json")));
    String json = new String(written(FileFormat.JSON), StandardCharsets.UTF_8);
    assertThat(schema.validate(json, InputFormat.JSON)).isEmpty();
    assertThat(schema.validate(json.replace("\"label\"", "\"name\""), InputFormat.JSON))
        .isNotEmpty();
  }

  @Test
  void turtle_is_a_sound_concept_scheme() throws IOException {
    Model model =
        Rio.parse(new ByteArrayInputStream(written(FileFormat.TTL)), "", RDFFormat.TURTLE);
    assertThat(model.filter(null, RDF.TYPE, SKOS.CONCEPT)).hasSize(3);
    assertThat(model.filter(null, SKOS.PREF_LABEL, null).objects())
        .extracting(value -> value.stringValue())
        .contains("Age & <state>");
    assertThat(model.filter(null, SKOS.BROADER, null)).hasSize(1);
    assertThat(model.filter(null, SKOS.HAS_TOP_CONCEPT, null)).hasSize(2);
    assertThat(model.filter(null, SKOS.RELATED, null)).hasSize(1);
    assertThat(model.filter(null, null, null).objects())
        .extracting(value -> value.stringValue())
        .contains("The wall is old.", "fills");
  }
}
