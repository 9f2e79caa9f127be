package org.pergamena.core.reply;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.pergamena.core.reply.Reply.Left;
import org.pergamena.core.reply.Reply.Point;

/** What holds for any text that is taken for a reply. */
class ReplyProperties {
  @Provide
  Arbitrary<String> replies() {
    Arbitrary<String> indent = Arbitraries.of("", "", "  ", "    ", "\t", "\u00a0\u00a0", "> ");
    Arbitrary<String> mark =
        Arbitraries.of(
            "- ",
            "* ",
            "** ",
            "# ",
            "## ",
            "1. ",
            "2) ",
            "1.1 ",
            "a. ",
            "IV. ",
            "",
            "",
            "\u2022\t",
            "|",
            "{",
            "[",
            "{\"",
            "[\"",
            "```",
            "~~~json",
            "\u251c\u2500\u2500 ",
            "|-- ",
            "A --> ",
            "{\\rtf1 ",
            "mindmap",
            "graph TD",
            "---",
            "\ud83c\udf0a ",
            "Topic,",
            "Topic\t");
    Arbitrary<String> words =
        Arbitraries.of(
            "Wall",
            "Sea wall: a bank that keeps the tide out",
            "**Birds",
            "**Creek**",
            "[Mud](x \"y\")",
            "`Creek`",
            "",
            "Let me know if you want more",
            "Sure! Here it is:",
            "a | b | c |",
            "\"label\": \"Silt\",",
            "\"children\": [",
            "]}",
            "}",
            "p3f9a2c",
            "[p3f9a2c, none]",
            "A,B,\"C",
            "x\ty\tz",
            "\\u8226 ?Tide\\par",
            "Definition",
            "((Ferrow))",
            "-->|feeds| B[Marsh]",
            "\ue000hidden",
            "| --- | --- |",
            "<opml><outline text=\"a\"/>");
    Arbitrary<String> line = indent.flatMap(i -> mark.flatMap(m -> words.map(w -> i + m + w)));
    return line.list().ofMaxSize(16).map(lines -> String.join("\n", lines));
  }

  private static Set<String> there(Reply reply) {
    List<String> there = new ArrayList<>();
    for (Point point : reply.points()) {
      there.add(point.label());
      there.add(point.definition());
      there.add(point.note());
      point.cites().forEach(there::add);
    }
    reply.links().forEach(l -> there.add(l.from() + " " + l.phrase() + " " + l.to()));
    reply.left().forEach(left -> there.add(left.text()));
    Set<String> words = new HashSet<>();
    there.forEach(text -> Words.each(text, words::add));
    return words;
  }

  @Property(tries = 1500)
  void no_word_is_dropped_unseen_and_nothing_is_thrown(
      @ForAll("replies") String reply, @ForAll boolean pairs) {
    String text = ReplyReader.text(reply);
    Reply read = ReplyReader.read(reply, pairs);
    List<Integer> left = read.left().stream().map(Left::line).toList();
    boolean formal =
        text.contains("{")
            || text.contains("[\"")
            || text.contains("-->")
            || text.contains("<opml");
    int lines = text.split("\n", -1).length;
    int level = 0;
    for (Point point : read.points()) {
      assertThat(point.level()).isBetween(1, level + 1);
      assertThat(point.line()).isBetween(1, lines);
      assertThat(point.label()).isNotBlank();
      level = point.level();
    }
    assertThat(left).allMatch(line -> line >= 1 && line <= lines);
    assertThat(read.repairs()).allMatch(r -> r.line() >= 1 && r.line() <= lines);
    if (!formal) {
      Set<String> there = there(read);
      Words.each(
          text.replaceAll("(?m)^[\\s\u00a0>]*([0-9.]+|IV\\.)\\s", ""),
          word -> assertThat(there).as(text).contains(word));
    }
  }

  @Property(tries = 10)
  void no_text_costs_more_than_its_length_allows(@ForAll("replies") String seed) {
    String tall = (seed + "\n").repeat(400);
    String wide = seed.replace("\n", " ").repeat(500);
    assertTimeoutPreemptively(Duration.ofMinutes(5), () -> ReplyReader.read(tall, false));
    assertTimeoutPreemptively(Duration.ofMinutes(5), () -> ReplyReader.read(wide, false));
  }

  @Example
  void long_lines_of_anything_are_read_in_one_pass() {
    String blanks = " ".repeat(300_000);
    List<String> hard =
        List.of(
            "| Topic | Note |\n|---|---|\n| a" + blanks + "b | c" + blanks + "d [p1] |\n",
            "[\"a" + blanks + "b\", \"c" + blanks + "\"]",
            "[".repeat(200_000),
            "{\"a\":".repeat(100_000),
            "{\\rtf1 " + "{".repeat(300_000),
            "- a" + "[p".repeat(150_000),
            "- " + "(".repeat(200_000) + "\n- b\n",
            "\u3010".repeat(200_000),
            "a" + "\t".repeat(200_000) + "b\nc\td\n",
            "graph TD\n" + "a --> b\n".repeat(20_000),
            "- " + "*".repeat(200_000));
    for (String reply : hard) {
      assertTimeoutPreemptively(
          Duration.ofMinutes(5), () -> ReplyReader.read(reply, false), reply.substring(0, 9));
    }
  }
}
