package org.pergamena.core.reply;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.groups.Tuple.tuple;

import java.io.IOException;
import java.net.URISyntaxException;
import java.net.URL;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.pergamena.core.reply.Reply.Left;
import org.pergamena.core.reply.Reply.Point;
import org.pergamena.core.reply.Reply.Why;

/**
 * Replies kept as files, each with what is to be read out of it: a line of hyphens a level for a
 * point, then relations after a tilde, repairs after an exclamation mark with their line, and lines
 * that are left after a question mark.
 */
class ReplyReaderTest {
  private static Path folder() throws URISyntaxException {
    URL found = ReplyReaderTest.class.getResource("/replies");
    return Path.of(found.toURI());
  }

  static Stream<Path> replies() throws IOException, URISyntaxException {
    List<Path> found = new ArrayList<>();
    try (Stream<Path> files = Files.list(folder())) {
      files.filter(file -> file.toString().endsWith(".txt")).sorted().forEach(found::add);
    }
    assertThat(found).hasSizeGreaterThanOrEqualTo(60);
    return found.stream();
  }

  static String written(Reply reply) {
    StringBuilder out = new StringBuilder();
    for (Point point : reply.points()) {
      out.append("-".repeat(point.level())).append(' ').append(point.label());
      out.append(point.definition().isEmpty() ? "" : " :: " + point.definition());
      out.append(point.note().isEmpty() ? "" : " // " + point.note().replace("\n", " / "));
      out.append(point.cites().isEmpty() ? "" : " " + point.cites()).append('\n');
    }
    reply
        .links()
        .forEach(
            link ->
                out.append("~ " + link.from() + " > " + link.phrase() + " > " + link.to() + "\n"));
    reply.repairs().forEach(each -> out.append("! " + each.line() + " " + each.sentence() + "\n"));
    for (Left left : reply.left()) {
      out.append("? " + left.line() + " " + left.why() + " " + left.text() + "\n");
    }
    return out.toString();
  }

  @ParameterizedTest
  @MethodSource("replies")
  void every_reply_becomes_the_right_tree_and_what_is_left_is_named(Path file) throws IOException {
    String reply = Files.readString(file);
    String wanted = Files.readString(Path.of(file.toString().replace(".txt", ".tree")));
    boolean pairs = file.toString().contains("pairs");
    assertThat(written(ReplyReader.read(reply, pairs))).isEqualTo(wanted);
  }

  @Test
  void ten_thousand_lines_are_all_read() {
    StringBuilder reply = new StringBuilder("Here it is:\n\n");
    for (int i = 0; i < 10_000; i++) {
      reply
          .append("  ".repeat(i % 4))
          .append("- Mark ")
          .append(i)
          .append(" on the bank: it has moved since the survey [p3f9a2c]\n");
    }
    assertThat(ReplyReader.read(reply.toString(), false).points()).hasSize(10_000);
  }

  @Test
  void the_text_of_rtf_is_what_lines_are_counted_in() {
    String text =
        ReplyReader.text("{\\rtf1 {\\listtext\\u8226 ?\\tab}Wall\\par\\pard\\ls1\\ilvl1 Age\\par}");
    assertThat(text).isEqualTo("- Wall\n  - Age\n\n");
    assertThat(ReplyReader.text("- Wall\r\n- Age")).isEqualTo("- Wall\n- Age");
  }

  @Test
  void a_reply_that_says_no_leaves_everything_and_says_so() {
    Reply refusal = ReplyReader.read("I'm sorry, I can't do that.", false);
    assertThat(refusal.points()).isEmpty();
    assertThat(refusal.left()).extracting(Left::why).containsExactly(Why.AROUND);
    assertThat(ReplyReader.read("", false).left()).isEmpty();
  }

  @Test
  void what_is_no_letter_is_in_nothing_that_is_read() {
    Reply reply =
        ReplyReader.read(
            "[\"Wall\\u0000s\", {\"label\": \"Mud\\ud800\", \"note\": \"a\\u0007b\\ue000\"}]",
            false);
    assertThat(reply.points()).extracting(Point::label).containsExactly("Walls", "Mud");
    assertThat(reply.points().get(1).note()).isEqualTo("ab");
    assertThat(ReplyReader.text("{\\rtf1 Wall\\u0 ?s\\par}")).isEqualTo("Walls\n\n");
    Reply related =
        ReplyReader.read(
            "{\"nodes\": [], \"edges\": [{\"from\": \"a\\nb\", \"to\": \"c\", \"label\": \"x\\ny\"}]}",
            false);
    assertThat(related.links()).extracting("from", "phrase").containsExactly(tuple("a b", "x y"));
  }
}
