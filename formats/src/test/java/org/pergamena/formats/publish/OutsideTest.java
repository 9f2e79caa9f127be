package org.pergamena.formats.publish;

import static org.assertj.core.api.Assertions.assertThat;

import com.apicatalog.jsonld.JsonLd;
import com.apicatalog.jsonld.document.JsonDocument;
import com.apicatalog.jsonld.loader.DocumentLoader;
import com.rometools.opml.feed.opml.Opml;
import com.rometools.opml.feed.opml.Outline;
import com.rometools.rome.feed.WireFeed;
import com.rometools.rome.io.WireFeedInput;
import jakarta.json.JsonArray;
import jakarta.json.JsonObject;
import java.io.ByteArrayInputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jgrapht.Graph;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.DirectedPseudograph;
import org.jgrapht.nio.graphml.GraphMLImporter;
import org.jgrapht.util.SupplierUtil;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.pergamena.formats.picture.Paper;
import org.verapdf.gf.foundry.VeraGreenfieldFoundryProvider;
import org.verapdf.pdfa.Foundries;
import org.verapdf.pdfa.PDFAParser;
import org.verapdf.pdfa.PDFAValidator;
import org.verapdf.pdfa.flavours.PDFAFlavour;
import org.verapdf.pdfa.results.TestAssertion;
import org.verapdf.pdfa.results.ValidationResult;

/** What is written, held against standards by those who know nothing of us. */
class OutsideTest {
  @BeforeAll
  static void begin() {
    VeraGreenfieldFoundryProvider.initialise();
  }

  /** What a PDF lacks of PDF/UA-1 (ISO 14289-1). */
  private static Set<String> lacking(byte[] pdf) throws Exception {
    Set<String> lacking = new HashSet<>();
    try (PDFAParser parser =
            Foundries.defaultInstance()
                .createParser(new ByteArrayInputStream(pdf), PDFAFlavour.PDFUA_1);
        PDFAValidator validator =
            Foundries.defaultInstance().createValidator(PDFAFlavour.PDFUA_1, false)) {
      ValidationResult result = validator.validate(parser);
      for (TestAssertion found : result.getTestAssertions()) {
        if (found.getStatus() == TestAssertion.Status.FAILED) {
          lacking.add(found.getRuleId().getClause() + " " + found.getMessage());
        }
      }
    }
    return lacking;
  }

  @Test
  void a_report_keeps_the_rules_of_accessible_pdf() throws Exception {
    assertThat(lacking(Published.written(FileFormat.PDF, Published.with(Form.USUAL)))).isEmpty();
  }

  @Test
  void a_drawing_keeps_the_rules_of_accessible_pdf() throws Exception {
    for (String paper : List.of("fit", "A4", "A4-tiles")) {
      Form form = Form.USUAL.on(Paper.of(paper).orElseThrow());
      assertThat(lacking(Published.written(FileFormat.PDF, Published.with(form)))).isEmpty();
    }
  }

  @Test
  void a_graph_keeps_the_schema_of_graphml() throws Exception {
    Graph<String, DefaultEdge> graph =
        new DirectedPseudograph<>(SupplierUtil.createStringSupplier(), DefaultEdge::new, false);
    GraphMLImporter<String, DefaultEdge> importer = new GraphMLImporter<>();
    importer.setSchemaValidation(true);
    importer.importGraph(graph, reader(FileFormat.GRAPHML));
    assertThat(graph.vertexSet()).hasSize(4);
    assertThat(graph.edgeSet()).hasSize(4);
  }

  @Test
  void an_outline_is_read_by_others() throws Exception {
    WireFeed feed = new WireFeedInput().build(reader(FileFormat.OPML));
    assertThat(feed).isInstanceOf(Opml.class);
    Opml opml = (Opml) feed;
    assertThat(opml.getFeedType()).isEqualTo("opml_2.0");
    assertThat(opml.getTitle()).isEqualTo("The marsh");
    Outline root = opml.getOutlines().get(0);
    assertThat(root.getText()).isEqualTo("The marsh");
    assertThat(root.getChildren().stream().map(Outline::getText)).contains("Wall", "Creeks");
  }

  @Test
  void annotations_mean_what_the_vocabulary_of_web_annotation_says() throws Exception {
    DocumentLoader shipped =
        (address, options) ->
            JsonDocument.of(OutsideTest.class.getResourceAsStream("web-annotation.jsonld"));
    JsonArray graph =
        JsonLd.expand(JsonDocument.of(reader(FileFormat.JSONLD))).loader(shipped).get();
    String oa = "http://www.w3.org/ns/oa#";
    List<JsonObject> annotations =
        graph.getValuesAs(JsonObject.class).stream()
            .filter(node -> node.getJsonArray("@type").getString(0).equals(oa + "Annotation"))
            .toList();
    assertThat(annotations).isNotEmpty();
    JsonObject first = annotations.get(0);
    assertThat(first.toString())
        .contains("\"" + oa + "hasBody\":[{\"@id\":\"urn:uuid:")
        .contains("\"" + oa + "exact\":[{\"@value\":\"The wall is old.\"}]")
        .contains("\"" + oa + "hasSource\":[{\"@id\":\"urn:uuid:")
        .contains("\"" + oa + "motivatedBy\":[{\"@id\":\"" + oa + "classifying\"}]");
    assertThat(graph.toString()).contains("http://www.w3.org/2004/02/skos/core#prefLabel");
    assertThat(JsonLd.toRdf(JsonDocument.of(reader(FileFormat.JSONLD))).loader(shipped).get())
        .as("all of it are statements")
        .isNotNull();
  }

  private static Reader reader(FileFormat format) throws Exception {
    return new InputStreamReader(
        new ByteArrayInputStream(Published.written(format, Published.scaled(1))),
        StandardCharsets.UTF_8);
  }
}
