package org.pergamena.core.reply;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pergamena.core.map.Maps.id;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.pergamena.core.brief.ShortKeys;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.map.Maps;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.reply.ProposedNames.Fault;
import org.pergamena.core.reply.ProposedNames.Proposed;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;

class NameCheckingTest {
  private static final List<Analysed> SOURCES =
      List.of(
          TextAnalyser.analyse(
              new Source(
                  id("survey"),
                  "Survey",
                  SourceText.plain(
                      "The old wall leaks at its foot. The age of the wall is told by its stones."
                          + " Bass and mullet shelter in the creeks. The squeeze of the marsh goes"
                          + " on. Heights were measured twice."))));

  private final TopicMap map = Maps.marsh();

  private String key(String topic) {
    return ShortKeys.topics(map).get(id(topic));
  }

  private ProposedNames names(String reply) {
    return NameChecking.of(reply, "", map, SOURCES);
  }

  private Proposed only(String reply) {
    List<Proposed> names = names(reply).names();
    assertThat(names).hasSize(1);
    return names.get(0);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "- %s: Leaks at the foot",
        "* **%s**: leaks at the foot.",
        "1. `%s` — “Leaks at the foot”",
        "| %s | Leaks at the foot |",
        "| %s | wall | Leaks at the foot |",
        "\"%s\": \"Leaks at the foot\",",
        "- %s: wall: Leaks at the foot",
        "[%s] wall → Leaks at the foot"
      })
  void a_name_is_found_behind_its_key_whatever_it_is_wrapped_in(String line) {
    String reply = "Sure! Here they are:\n\n```markdown\n" + line + "\n```\nLet me know: more?";
    assertThat(only(String.format(reply, key("wall"))))
        .isEqualTo(new Proposed(id("wall"), "Leaks at the foot", Fault.NONE, ""));
  }

  @Test
  void a_line_without_keys_names_the_one_topic_that_is_called_so() {
    assertThat(only("- Wall: Old wall\n- Harbour: Bass").topic()).isEqualTo(id("wall"));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "The old wall leaks at its foot and the age of the wall is told by stones | LONG |",
        "Why does the wall leak? | FORM |",
        "Leaks. It is old | FORM |",
        "I'm sorry, I can't help | FORM |",
        "42 | FORM |",
        "Quantum leaks of the wall | UNSAID | Quantum",
        "Creeks | ALIKE | creeks",
        "Old wall leaks | NONE |"
      })
  void what_is_wrong_with_a_name_is_told(String name, Fault fault, String about) {
    Proposed proposed = only(key("wall") + ": " + name);
    assertThat(proposed.fault()).isEqualTo(fault);
    assertThat(proposed.about()).isEqualTo(about == null ? "" : about);
  }

  @Test
  void of_two_topics_that_are_given_one_name_the_later_is_told() {
    List<Proposed> names =
        names(key("squeeze") + ": Heights\n" + key("age") + ": The heights").names();
    assertThat(names).extracting(Proposed::topic).containsExactly(id("age"), id("squeeze"));
    assertThat(names).extracting(Proposed::fault).containsExactly(Fault.NONE, Fault.ALIKE);
    assertThat(names.get(1).about()).isEqualTo("The heights");
  }

  @Test
  void two_topics_may_exchange_their_names() {
    assertThat(names(key("squeeze") + ": Age\n" + key("age") + ": Squeeze").names())
        .extracting(Proposed::fault)
        .containsOnly(Fault.NONE);
  }

  @Test
  void what_stays_what_is_not_answered_and_what_is_not_on_the_map_is_counted() {
    String asked = key("wall") + ": wall\n" + key("age") + ": age\n" + key("fish") + ": fish\n";
    ProposedNames names =
        NameChecking.of(
            key("wall") + ": Wall\nt000000: Bass\n" + key("fish") + ": fish", asked, map, SOURCES);
    assertThat(names.unanswered()).containsExactly(id("age"));
    assertThat(names.unknown()).containsExactly("t000000");
    assertThat(names.same() + names.names().size()).isEqualTo(2);
  }

  @Test
  void without_sources_nothing_is_said_of_words() {
    assertThat(NameChecking.of(key("wall") + ": Zeppelins", "", map, List.of()).names())
        .extracting(Proposed::fault)
        .containsOnly(Fault.NONE);
  }

  @Test
  void a_long_reply_is_read_in_proportion() {
    String many =
        IntStream.range(0, 20_000)
            .mapToObj(i -> String.format("t%06x: **" + "*".repeat(20) + "- x", i))
            .collect(Collectors.joining("\n"));
    assertThat(names(many + "\n" + key("wall") + ": " + "a ".repeat(50_000)).unknown())
        .hasSize(20_000);
  }
}
