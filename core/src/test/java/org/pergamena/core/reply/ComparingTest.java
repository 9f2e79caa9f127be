package org.pergamena.core.reply;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.groups.Tuple.tuple;

import java.io.IOException;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.pergamena.core.brief.Brief.Wish;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.map.Branch;
import org.pergamena.core.map.ByHand;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.TreeChange;
import org.pergamena.core.reply.Compared.Difference;
import org.pergamena.core.reply.Compared.Kind;
import org.pergamena.core.reply.Reply.Point;

class ComparingTest {
  private static final List<Tongue> ENGLISH = List.of(Tongue.of(Tongue.ENGLISH));

  static TopicMap map(String outline) {
    TopicMap map = TopicMap.rootedAt(Topic.labelled(UUID.randomUUID(), "Ferrow saltmarsh"));
    List<UUID> open = new ArrayList<>(List.of(map.root().id()));
    for (Point point : ReplyReader.read(outline, false).points()) {
      open.subList(point.level(), open.size()).clear();
      Topic topic =
          Topic.of(
              UUID.randomUUID(),
              Content.labelled(point.label())
                  .withGloss(gloss -> gloss.withDefinition(point.definition(), false)));
      UUID parent = open.get(open.size() - 1);
      map = map.apply(new TreeChange.AddBranch(parent, Place.LAST, Branch.of(topic))).map();
      open.add(topic.id());
    }
    return map;
  }

  static UUID topic(TopicMap map, String label) {
    return map.preorder().stream()
        .filter(topic -> topic.label().equals(label))
        .findFirst()
        .orElseThrow()
        .id();
  }

  static Compared compared(TopicMap map, String reply, Wish wish) {
    Reply read = ReplyReader.read(reply, Comparing.inPairs(wish));
    return Comparing.of(read, map, List.of(), wish, ByHand.NOTHING, ENGLISH);
  }

  private static List<String> told(Compared compared) {
    return compared.differences().stream()
        .filter(each -> each.kind() != Kind.SAME)
        .map(each -> each.kind() + " " + each.was() + " > " + each.is())
        .toList();
  }

  private static String path(TopicMap map, Topic topic, boolean whole) {
    String above = map.topic(topic.parent()).label();
    return whole ? above + " > " + topic.label() : topic.label();
  }

  private static String path(Reply reply, int i, boolean whole) {
    Point point = reply.points().get(i);
    int at = i;
    while (at >= 0 && reply.points().get(at).level() >= point.level()) {
      at--;
    }
    return whole && at >= 0
        ? reply.points().get(at).label() + " > " + point.label()
        : point.label();
  }

  @Test
  void pairs_are_those_that_a_person_made() throws IOException, URISyntaxException {
    int right = 0;
    int wanted = 0;
    int made = 0;
    List<String> wrong = new ArrayList<>();
    List<Path> all;
    try (Stream<Path> files =
        Files.list(Path.of(ComparingTest.class.getResource("/comparisons").toURI()))) {
      all = files.sorted().toList();
    }
    assertThat(all).hasSizeGreaterThanOrEqualTo(20);
    for (Path file : all) {
      String[] parts = Files.readString(file).split("====\n");
      TopicMap map = map(parts[0]);
      Reply reply = ReplyReader.read(parts[1], false);
      Compared compared = Comparing.of(reply, map, List.of(), null, ByHand.NOTHING, ENGLISH);
      Set<String> answer = new HashSet<>();
      String answers = parts.length > 2 ? parts[2] : "";
      answers.lines().filter(line -> !line.isBlank()).forEach(answer::add);
      Set<String> found = new HashSet<>();
      Set<UUID> named = new HashSet<>();
      for (int i = 0; i < reply.points().size(); i++) {
        UUID to = compared.topics().get(i);
        if (to != null && !to.equals(map.root().id())) {
          named.add(to);
          Topic topic = map.topic(to);
          String plain = path(map, topic, false) + " = " + path(reply, i, false);
          String whole = path(map, topic, true) + " = " + path(reply, i, true);
          found.add(answer.contains(whole) ? whole : plain);
        }
      }
      compared.differences().stream()
          .filter(each -> each.kind() == Kind.MISSING)
          .forEach(each -> named.add(each.topic()));
      Set<UUID> topics = new HashSet<>();
      map.preorder().forEach(topic -> topics.add(topic.id()));
      topics.remove(map.root().id());
      assertThat(named).as(file.toString()).isEqualTo(topics);
      wanted += answer.size();
      made += found.size();
      for (String pair : found) {
        right += answer.contains(pair) ? 1 : 0;
        wrong.addAll(
            answer.contains(pair) ? List.of() : List.of(file.getFileName() + " + " + pair));
      }
      answer.removeAll(found);
      answer.forEach(pair -> wrong.add(file.getFileName() + " - " + pair));
    }
    double f1 = 2.0 * right / (wanted + made);
    assertThat(f1).as("wrong: %s", wrong).isGreaterThanOrEqualTo(0.95);
  }

  private static final String STANDING =
      "- Sea wall\n  - Cost of repair\n  - Age\n- Plants\n  - Sea lavender\n- Birds\n";

  @Test
  void a_reply_is_told_in_what_it_differs_and_what_it_has_lost() {
    String reply =
        "- Sea wall\n  - Repair cost\n- Plants\n  - Sea lavender: a plant of the upper marsh in bloom"
            + " in July\n  - Age\n- Fishing\n";
    assertThat(told(compared(map(STANDING), reply, Wish.SUBJECT)))
        .containsExactly(
            "RENAMED Cost of repair > Repair cost",
            "DEFINED  > a plant of the upper marsh in bloom in July",
            "MOVED Sea wall > Plants",
            "NEW  > Fishing",
            "MISSING Birds > Ferrow saltmarsh");
  }

  @Test
  void a_single_root_is_the_topic_that_was_asked_about() {
    TopicMap map = map(STANDING);
    String reply = "# The Ferrow marsh\n- Sea wall\n- Plants\n- Birds\n- Visitors\n";
    assertThat(compared(map, reply, null).topics().get(0)).isEqualTo(map.root().id());
    assertThat(told(compared(map, "- Visitors\n  - Path\n  - Car park\n", Wish.MORE)))
        .contains("NEW  > Visitors", "NEW  > Path");
    assertThat(compared(map, "- Sea wall\n  - Age\n", Wish.SUBJECT).topics().get(0))
        .isEqualTo(topic(map, "Sea wall"));
  }

  @Test
  void labels_that_were_asked_for_anew_come_after_the_old() {
    TopicMap map = map(STANDING);
    String reply = "- Sea wall: Deich\n- Plants: Pflanzen\n- Birds: Birds\n";
    assertThat(told(compared(map, reply, Wish.TRANSLATION)))
        .contains("RENAMED Sea wall > Deich", "RENAMED Plants > Pflanzen")
        .noneMatch(each -> each.startsWith("RENAMED Birds"))
        .noneMatch(each -> each.startsWith("MOVED") || each.startsWith("DEFINED"));
  }

  @Test
  void what_was_done_by_hand_is_named_as_such() {
    TopicMap map = map(STANDING);
    UUID plants = topic(map, "Plants");
    ContentChange.Relabel relabel = new ContentChange.Relabel(plants, "Plants");
    ByHand hand = ByHand.of(List.of(new ByHand.Made(relabel, relabel)));
    Reply reply = ReplyReader.read("- Sea walls\n- Plant\n- Bird\n", false);
    Compared compared = Comparing.of(reply, map, List.of(), null, hand, ENGLISH);
    assertThat(compared.differences())
        .filteredOn(each -> each.kind() == Kind.RENAMED)
        .extracting(Difference::was, Difference::yours)
        .containsExactly(tuple("Sea wall", false), tuple("Plants", true), tuple("Birds", false));
  }
}
