package org.pergamena.formats.publish;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.pergamena.core.publish.Block;
import org.pergamena.core.publish.Block.Items;
import org.pergamena.core.publish.Block.Kind;
import org.pergamena.core.publish.Block.Paragraph;
import org.pergamena.core.publish.Block.Quoted;
import org.pergamena.core.publish.Block.Run;

class NotesTest {
  @Test
  void paragraphs_keep_what_is_bold_italic_and_linked() {
    assertThat(Notes.read("Ask **the *old* warden**\nsoon, [here](https://example.org)."))
        .containsExactly(
            new Paragraph(
                Kind.NOTE,
                List.of(
                    Run.plain("Ask "),
                    new Run("the ", true, false, null),
                    new Run("old", true, true, null),
                    new Run(" warden", true, false, null),
                    Run.plain(" "),
                    Run.plain("soon, "),
                    new Run("here", false, false, "https://example.org"),
                    Run.plain("."))));
  }

  @Test
  void headings_lists_and_quotations_are_known() {
    List<Block> blocks = Notes.read("# Plan\n\n- one\n- two\n  1. deeper\n\n> said\n");
    assertThat(blocks.get(0)).isEqualTo(Paragraph.of(Kind.NOTE_HEADING, "Plan"));
    Items list = (Items) blocks.get(1);
    assertThat(list.ordered()).isFalse();
    assertThat(list.items()).hasSize(2);
    assertThat(list.items().get(1).get(1))
        .isEqualTo(new Items(true, List.of(List.of(Paragraph.of(Kind.NOTE, "deeper")))));
    assertThat(blocks.get(2)).isEqualTo(new Quoted(List.of(Paragraph.of(Kind.NOTE, "said"))));
  }

  @Test
  void markup_and_code_are_words_and_breaks_are_kept() {
    assertThat(Notes.read("<b>bold</b>"))
        .first()
        .extracting(block -> ((Paragraph) block).words())
        .isEqualTo("<b>bold</b>");
    assertThat(Notes.read("```\ncode\n```")).containsExactly(Paragraph.of(Kind.NOTE, "code"));
    assertThat(((Paragraph) Notes.read("one  \ntwo").get(0)).words()).isEqualTo("one\ntwo");
    assertThat(Notes.read("  \n")).isEmpty();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "javascript:alert(1)",
        "JavaScript:alert(1)",
        "data:text/html,x",
        "file:///etc/passwd",
        "\\\\\\\\evil\\share",
        "//evil/share",
        "vbscript:x",
        "https:",
        "#o1"
      })
  void an_address_that_leads_elsewhere_than_to_the_web_or_mail_is_words_alone(String address) {
    Block.Paragraph read = (Block.Paragraph) Notes.read("[the words](<" + address + ">)").get(0);
    assertThat(read.runs()).extracting(Block.Run::address).containsOnlyNulls();
    assertThat(read.runs()).extracting(Block.Run::words).containsExactly("the words");
  }

  @Test
  void addresses_of_the_web_and_of_mail_are_links() {
    for (String address :
        List.of("https://ferrow.example/a%20b", "mailto:wardens@ferrow.example")) {
      Block.Paragraph read = (Block.Paragraph) Notes.read("[x](" + address + ")").get(0);
      assertThat(read.runs().get(0).address()).isEqualTo(address);
    }
  }
}
