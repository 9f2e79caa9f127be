package org.pergamena.formats.publish;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.MapLook;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;

/** The pages of a report as a PDF: none is blank, and the drawing has its caption on its own. */
class PagesTest {
  private static TopicMap map(int mains, int below, String title) {
    List<Topic> topics = new ArrayList<>();
    List<UUID> main = new ArrayList<>();
    for (int i = 0; i < mains; i++) {
      UUID id = new UUID(10, i);
      main.add(id);
      List<UUID> children = new ArrayList<>();
      for (int j = 0; j < below; j++) {
        UUID child = new UUID(20 + i, j);
        children.add(child);
        topics.add(new Topic(child, id, List.of(), Content.labelled("Creek " + i + "." + j)));
      }
      topics.add(new Topic(id, Published.ROOT, children, Content.labelled("Bank " + i)));
    }
    topics.add(0, new Topic(Published.ROOT, null, main, Content.labelled(title)));
    return TopicMap.of(topics, List.of(), MapLook.USUAL);
  }

  @ParameterizedTest
  @CsvSource({"0,0,1", "1,0,1", "2,1,3", "6,3,24", "12,6,3", "30,4,24", "2,40,12"})
  void none_is_blank_and_the_drawing_has_its_caption(int mains, int below, int words)
      throws IOException {
    String title = "Saltmarsh ".repeat(words).strip();
    byte[] pdf =
        Published.written(
            FileFormat.PDF, Published.with(map(mains, below, title), Form.USUAL, "apa", false));
    try (PDDocument document = Loader.loadPDF(pdf)) {
      List<String> pages = new ArrayList<>();
      PDFTextStripper stripper = new PDFTextStripper();
      for (int i = 1; i <= document.getNumberOfPages(); i++) {
        stripper.setStartPage(i);
        stripper.setEndPage(i);
        pages.add(stripper.getText(document).replaceAll("(?m)^(Saltmarsh|\\s|\u2026)+|^\\d+$", ""));
      }
      assertThat(pages).noneMatch(String::isBlank);
      assertThat(pages).filteredOn(page -> page.contains("The map: ")).hasSize(1);
      String drawn = pages.stream().filter(page -> page.contains("The map: ")).findAny().get();
      for (int i = 0; i < mains; i++) {
        assertThat(drawn).contains("Bank " + i);
      }
    }
  }
}
