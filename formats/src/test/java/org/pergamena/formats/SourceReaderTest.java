package org.pergamena.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.CueSpan;
import org.pergamena.core.source.SourceText;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.SourceKind;
import org.pergamena.formats.read.UnreadableException;

class SourceReaderTest {
  private static ReadSource read(String name, byte[] bytes) throws UnreadableException {
    return new SourceReader().read(name, bytes, share -> {});
  }

  private static ReadSource read(String name, String text) throws UnreadableException {
    return read(name, text.getBytes(StandardCharsets.UTF_8));
  }

  private static List<String> blocks(SourceText text, Block.Kind kind) {
    return text.blocks().stream()
        .filter(block -> block.kind() == kind)
        .map(block -> text.text().substring(block.start(), block.end()))
        .toList();
  }

  @Test
  void plain_text_is_paragraphs_with_their_lines_joined() throws UnreadableException {
    SourceText text = read("a.txt", "The old\r\nwall.\r\n\r\n\r\n- a list item\r\n").text();
    assertThat(text.text()).isEqualTo("The old wall.\n\n- a list item");
    assertThat(blocks(text, Block.Kind.ITEM)).containsExactly("- a list item");
  }

  @Test
  void markdown_keeps_its_headings_and_loses_its_marks() throws UnreadableException {
    ReadSource read =
        read(
            "a.md",
            "---\nauthor: x\n---\n# The *marsh*\n\nIt [fills](http://x) with `mud`.\n\n## Birds\n\n"
                + "* One\n* Two\n\n<b>bold</b> &amp; more\n");
    assertThat(read.kind()).isEqualTo(SourceKind.MARKDOWN);
    assertThat(read.title()).isEqualTo("The marsh");
    assertThat(blocks(read.text(), Block.Kind.HEADING)).containsExactly("The marsh", "Birds");
    assertThat(blocks(read.text(), Block.Kind.ITEM)).containsExactly("One", "Two");
    assertThat(blocks(read.text(), Block.Kind.PARAGRAPH))
        .containsExactly("It fills with mud.", "bold & more");
    assertThat(read.text().blocks().get(2).level()).isEqualTo(2);
  }

  @Test
  void webvtt_has_times_and_speakers_and_no_marks() throws UnreadableException {
    SourceText text =
        read(
                "talk.vtt",
                "WEBVTT\n\nNOTE made up\n\n1\n00:01.500 --> 00:04.000 align:start\n"
                    + "<v Warden>It came in <i>quietly</i>\n\n00:04.000 --> 00:06.000\n"
                    + "over the &amp; fields. [music]\n\n01:00:07.000 --> 01:00:09.000\n"
                    + "<v Guest>Did it?\n")
            .text();
    assertThat(text.text()).isEqualTo("It came in quietly over the & fields.\n\nDid it?");
    assertThat(text.cues())
        .extracting(CueSpan::startMs, CueSpan::speaker)
        .containsExactly(
            org.assertj.core.groups.Tuple.tuple(1500L, "Warden"),
            org.assertj.core.groups.Tuple.tuple(4000L, "Warden"),
            org.assertj.core.groups.Tuple.tuple(3_607_000L, "Guest"));
    assertThat(text.locate(text.text().indexOf("Did")).citation()).isEqualTo("1:00:07");
  }

  @Test
  void srt_is_known_by_what_is_in_it_and_rolling_repeats_are_removed() throws UnreadableException {
    ReadSource read =
        read(
            "notes.txt",
            "1\n00:00:01,000 --> 00:00:03,000\nso the tide\n\n2\n00:00:03,000 --> 00:00:05,000\n"
                + "so the tide\ncame in\n\n3\n00:00:05,000 --> 00:00:06,000\ncame in\n");
    assertThat(read.kind()).isEqualTo(SourceKind.TRANSCRIPT);
    assertThat(read.text().text()).isEqualTo("so the tide came in");
  }

  @Test
  void timed_text_in_xml_has_its_times_and_expands_no_entity() throws UnreadableException {
    ReadSource read =
        read(
            "talk.ttml",
            "<?xml version=\"1.0\"?><!DOCTYPE tt [<!ENTITY x \"boom\">]><tt"
                + " xmlns=\"http://www.w3.org/ns/ttml\"><body><div><p begin=\"00:00:01.500\""
                + " end=\"00:00:03.000\">The tide<br/>came in</p><p begin=\"75s\""
                + " end=\"80s\">quietly &x;.</p></div></body></tt>");
    assertThat(read.kind()).isEqualTo(SourceKind.TRANSCRIPT);
    assertThat(read.text().text()).startsWith("The tide came in").doesNotContain("boom");
    assertThat(read.text().cues()).extracting(CueSpan::startMs).containsExactly(1500L, 75_000L);
  }

  @Test
  void a_plain_transcript_with_times_is_a_recording() throws UnreadableException {
    for (String text :
        new String[] {
          "Interview\n\n[00:00:05] Warden: The wall was tired.\n[00:12:47] Guest: Was it?\n"
              + "[01:00:00] Warden: It was.",
          "0:05 Warden: The wall was tired.\n\n12:47 Guest: Was it?\n\n1:00:00 Warden: It was.",
          "Warden 0:05\nThe wall was tired.\n\nGuest 12:47\nWas it?\n\nWarden 1:00:00\nIt was."
        }) {
      SourceText read = read("talk.txt", text).text();
      assertThat(read.text()).isEqualTo("The wall was tired.\n\nWas it?\n\nIt was.");
      assertThat(read.cues())
          .extracting(CueSpan::speaker)
          .containsExactly("Warden", "Guest", "Warden");
      assertThat(read.locate(read.text().indexOf("Was it")).citation()).isEqualTo("12:47");
    }
  }

  @Test
  void times_in_a_text_do_not_make_it_a_transcript() throws UnreadableException {
    String text = "The bus left at 9:15.\n\n10:30 was the next.\n\nNobody came.\n\nWe waited.";
    assertThat(read("a.txt", text).kind()).isEqualTo(SourceKind.TEXT);
  }

  @Test
  void underlined_and_numbered_lines_of_plain_text_are_headings() throws UnreadableException {
    SourceText text =
        read(
                "a.txt",
                "The marsh\n=========\nIt fills.\n\n1 Birds\n\nThey came.\n\n1.1 Waders\n\nMany.\n\n"
                    + "3 boats were lost.\n")
            .text();
    assertThat(blocks(text, Block.Kind.HEADING))
        .containsExactly("The marsh", "1 Birds", "1.1 Waders");
    assertThat(text.blocks().stream().map(Block::level)).containsExactly(1, 0, 1, 0, 2, 0, 0);
  }

  @Test
  void a_broken_time_is_named_with_its_line() {
    assertThatThrownBy(() -> read("a.vtt", "WEBVTT\n\n00:01 -> x --> 00:02\nwords\n"))
        .isInstanceOf(UnreadableException.class)
        .hasMessageContaining("Line 3")
        .hasMessageContaining("00:01 -> x");
  }

  @ParameterizedTest
  @ValueSource(strings = {"UTF-8", "UTF-16LE", "UTF-16BE", "windows-1252"})
  void the_encoding_is_found_out(String charset) throws UnreadableException {
    String words =
        "Caf\u00e9 \u2013 der K\u00f6nig a\u00df s\u00fc\u00dfe \u00c4pfel im H\u00f6rsaal. "
            .repeat(8);
    String mark = charset.startsWith("UTF-16") ? "\ufeff" : "";
    ReadSource read = read("a.txt", (mark + words).getBytes(Charset.forName(charset)));
    assertThat(read.text().text()).isEqualTo(words.strip());
  }

  @Test
  void what_cannot_be_read_is_refused_with_a_sentence_that_says_what_to_do() {
    refused("empty.txt", new byte[0], "empty");
    refused("blank.txt", "  \n\n ".getBytes(StandardCharsets.UTF_8), "no words");
    refused("photo.pdf", new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10, 0}, "a picture");
    refused("a.txt", new byte[] {'P', 'K', 3, 4, 20, 0, 0, 0, 8, 0}, "ZIP");
    refused("noise.txt", noise(), "neither text nor a document");
    refused("talk.srt", "just words".getBytes(StandardCharsets.UTF_8), ".txt");
    refused("talk.vtt", "WEBVTT\n\nwords".getBytes(StandardCharsets.UTF_8), "no times");
    refused("cut.pdf", "%PDF-1.7\n1 0 obj <<".getBytes(StandardCharsets.UTF_8), "damaged");
  }

  private static byte[] noise() {
    byte[] bytes = new byte[2000];
    new java.util.Random(7).nextBytes(bytes);
    return bytes;
  }

  private static void refused(String name, byte[] bytes, String why) {
    assertThatThrownBy(() -> read(name, bytes))
        .as(name)
        .isInstanceOf(UnreadableException.class)
        .hasMessageContaining(why)
        .hasMessageEndingWith(".");
  }
}
