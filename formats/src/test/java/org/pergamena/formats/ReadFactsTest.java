package org.pergamena.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.poi.sl.usermodel.Placeholder;
import org.apache.poi.xslf.usermodel.XMLSlideShow;
import org.apache.poi.xslf.usermodel.XSLFSlide;
import org.apache.poi.xslf.usermodel.XSLFTextShape;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.apache.poi.xwpf.usermodel.XWPFFootnote;
import org.junit.jupiter.api.Test;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.SourceText;
import org.pergamena.formats.read.Facts;
import org.pergamena.formats.read.Omission;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.SourceKind;

/** What is told of a file beside its words: places, facts, what was left out. */
class ReadFactsTest {
  private static final String MUD = "The tide left a film of mud on the old fields of the parish. ";

  private static ReadSource read(String name, String text) throws Exception {
    return new SourceReader().read(name, text.getBytes(StandardCharsets.UTF_8), share -> {});
  }

  private static List<String> blocks(SourceText text, Block.Kind kind) {
    return text.blocks().stream().filter(b -> b.kind() == kind).map(text::words).toList();
  }

  private static String cited(ReadSource read, String words) {
    return read.text().locate(read.text().text().indexOf(words)).citation();
  }

  @Test
  void lines_rows_and_paragraphs_are_cited_as_the_file_counts_them() throws Exception {
    assertThat(cited(read("n.txt", "One line.\n\nAnother\nparagraph.\n\nThe third."), "The third"))
        .isEqualTo("line 6");
    assertThat(cited(read("n.md", "---\nauthor: A. Reed\n---\n# Mud\n\nIt settles."), "It settles"))
        .isEqualTo("Mud, line 6");
    assertThat(cited(read("n.csv", "Year,Cost\n1,20\n2,30\n"), "Year: 2")).isEqualTo("row 3");
  }

  @Test
  void a_page_tells_its_author_and_date_and_what_stood_around_the_article() throws Exception {
    ReadSource read =
        read(
            "mud.html",
            "<!doctype html><html><head><title>Mud</title><meta name=author content='A. Reed'>"
                + "<meta property='article:published_time' content='2031-05-04T08:00:00Z'></head>"
                + "<body><nav>Home</nav><div class=ad>Buy boots now</div><article><h1>Mud</h1><p>"
                + MUD.repeat(8)
                + "</p><table><caption>Mud</caption><thead><tr><th>Year</th><th>Mud</th></tr></thead>"
                + "<tr><td>1</td><td>4 mm</td></tr>"
                + "</table><p>"
                + MUD.repeat(8)
                + "</p></article><section id=comments><p>First!</p></section></body></html>");
    assertThat(read.facts()).isEqualTo(new Facts("Mud", "A. Reed", "2031-05-04"));
    assertThat(read.text().text()).contains("Year: 1. Mud: 4 mm.").doesNotContain("boots");
    assertThat(read.omissions()).hasSize(1);
    assertThat(read.omissions().get(0).reason()).contains("navigation, adverts, comments");
  }

  @Test
  void rich_text_from_the_clipboard_is_read_whole() throws Exception {
    ReadSource read =
        read("note.pasted.html", "<h2>Mud</h2><p>It settles.</p><ul><li>One</li></ul>");
    assertThat(blocks(read.text(), Block.Kind.HEADING)).containsExactly("Mud");
    assertThat(blocks(read.text(), Block.Kind.ITEM)).containsExactly("One");
    assertThat(read.omissions()).isEmpty();
  }

  @Test
  void captions_tell_what_they_said_twice_and_which_sounds_they_noted() throws Exception {
    ReadSource read =
        read(
            "walk.vtt",
            "WEBVTT\n\n00:01.000 --> 00:03.000\n[music] we walked along the wall\n\n"
                + "00:03.000 --> 00:05.000\nwe walked along the wall and then\n");
    assertThat(read.text().text()).isEqualTo("we walked along the wall and then");
    assertThat(read.omissions())
        .containsExactly(
            new Omission("5 words that captions showed twice", ""),
            new Omission("1 note on sounds", "[music]"));
  }

  @Test
  void a_person_can_say_what_kind_a_text_is() throws Exception {
    byte[] bytes = "# Mud\n\nIt settles.".getBytes(StandardCharsets.UTF_8);
    ReadSource plain = new SourceReader().read("n.txt", bytes, share -> {});
    ReadSource marked = new SourceReader().read("n.txt", bytes, SourceKind.MARKDOWN, share -> {});
    assertThat(blocks(plain.text(), Block.Kind.HEADING)).isEmpty();
    assertThat(blocks(marked.text(), Block.Kind.HEADING)).containsExactly("Mud");
  }

  @Test
  void notes_of_a_word_document_stand_apart_and_its_facts_are_read() throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (XWPFDocument document = new XWPFDocument()) {
      document.getProperties().getCoreProperties().setTitle("The walk");
      document.getProperties().getCoreProperties().setCreator("A. Reed");
      XWPFFootnote note = document.createFootnote();
      note.createParagraph().createRun().setText("Counted twice.");
      var paragraph = document.createParagraph();
      paragraph.createRun().setText("Nineteen waders fed there.");
      paragraph.addFootnoteReference(note);
      document.write(out);
    }
    ReadSource read = new SourceReader().read("walk.docx", out.toByteArray(), share -> {});
    assertThat(read.facts().title()).isEqualTo("The walk");
    assertThat(read.facts().author()).isEqualTo("A. Reed");
    assertThat(blocks(read.text(), Block.Kind.PARAGRAPH)).contains("Nineteen waders fed there.");
    assertThat(blocks(read.text(), Block.Kind.FOOTNOTE)).hasSize(1);
    assertThat(blocks(read.text(), Block.Kind.FOOTNOTE).get(0)).contains("Counted twice.");
  }

  @Test
  void what_a_speaker_is_to_say_is_kept_with_the_slide() throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (XMLSlideShow show = new XMLSlideShow()) {
      XSLFSlide slide = show.createSlide();
      slide.createTextBox().setText("Why the wall was breached");
      for (XSLFTextShape shape : show.getNotesSlide(slide).getPlaceholders()) {
        if (shape.getTextType() == Placeholder.BODY) {
          shape.setText("Speak of the winter flood.");
        }
      }
      show.write(out);
    }
    ReadSource read = new SourceReader().read("talk.pptx", out.toByteArray(), share -> {});
    assertThat(blocks(read.text(), Block.Kind.NOTE)).containsExactly("Speak of the winter flood.");
    assertThat(cited(read, "winter flood")).isEqualTo("slide 1");
  }
}
