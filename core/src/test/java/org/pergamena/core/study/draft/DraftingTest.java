package org.pergamena.core.study.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pergamena.core.map.Maps.id;

import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.map.Maps;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.study.draft.DraftCheck.Carried;
import org.pergamena.core.study.draft.DraftCheck.Line;
import org.pergamena.core.study.draft.DraftCheck.Room;
import org.pergamena.core.study.draft.Drafting.PointSince;

class DraftingTest {
  private static final Source SURVEY =
      new Source(
          id("survey"),
          "survey",
          SourceText.plain(
              "The old wall was patched with clay every autumn. Waves had broken the wall twice."
                  + " Herring and bass shelter in the creeks. The fry grow in the creeks."));
  private static final List<Analysed> TEXTS = List.of(TextAnalyser.analyse(SURVEY));

  private static final String DRAFT =
      """
      Good evening.

      The wall that our grandparents patched with clay was broken by waves.

      In the new creeks the young bass shelter. Anglers have noticed the herring too.
      The fry grow quickly.

      My cousin sells bicycles in another town.
      """;

  private static TopicMap map() {
    TopicMap map = Maps.root("root");
    map = Maps.with(map, "root", "Patched wall");
    map = Maps.with(map, "root", "Fish");
    map = Maps.with(map, "Fish", "Young bass");
    map = fill(map, "Patched wall", "The old wall was patched with clay every autumn.");
    return fill(map, "Young bass", "Herring and bass shelter in the creeks.");
  }

  private static TopicMap fill(TopicMap map, String topic, String words) {
    return Maps.filled(map, topic, List.of(Maps.evidence(topic, SURVEY, words)), List.of());
  }

  private static DraftCheck check(String draft, String... points) {
    return Drafting.check(DraftText.of("draft", draft), List.of(points), map(), TEXTS);
  }

  @Test
  void each_topic_tells_the_room_that_it_takes() {
    DraftCheck check = check(DRAFT);
    assertThat(check.lines()).hasSize(6);
    assertThat(check.lines())
        .extracting(Line::topic)
        .containsExactly(null, id("Patched wall"), id("Young bass"), id("Young bass"), null, null);
    assertThat(check.rooms()).contains(new Room(id("Patched wall"), 12, 1));
    assertThat(check.rooms())
        .extracting(Room::topic)
        .containsExactly(id("Patched wall"), id("Fish"), id("Young bass"), null);
    assertThat(check.rooms().get(1).words()).isEqualTo(check.rooms().get(2).words());
    assertThat(check.words())
        .isEqualTo(
            check.rooms().stream().mapToInt(Room::words).sum() - check.rooms().get(2).words());
    assertThat(Drafting.minutes(260, 130)).isEqualTo(2);
  }

  @Test
  void points_are_carried_touched_or_missing() {
    DraftCheck check =
        check(
            DRAFT,
            "The wall was broken by the waves",
            "Bass shelter in the creeks",
            "The loan is paid back in twenty-five years");
    assertThat(check.points().get(0).strength()).isGreaterThanOrEqualTo(Carried.FULLY);
    assertThat(check.points().get(0).lines()).containsExactly(1);
    assertThat(check.points().get(1).lines()).startsWith(2);
    assertThat(check.points().get(2).missing()).isTrue();
    assertThat(check.points().get(2).strength()).isZero();
    assertThat(check.lines().get(1).point()).isZero();
    assertThat(check.lines().get(5).point()).isEqualTo(-1);
  }

  @Test
  void a_message_is_a_point_a_line_whatever_marks_them() {
    assertThat(DraftText.points("- One thing\n\n2) Another thing\n  \u2022 A third\nA fourth"))
        .containsExactly("One thing", "Another thing", "A third", "A fourth");
    assertThat(DraftText.points("  \n ")).isEmpty();
  }

  @Test
  void two_versions_tell_what_each_point_gained_and_lost() {
    DraftCheck before = check("Nothing of that here at all.", "Bass shelter in the creeks", "Old");
    DraftCheck after = check(DRAFT, "bass shelter in the creeks", "Wall of clay");
    List<PointSince> points = Drafting.points(before, after);
    assertThat(points)
        .extracting(PointSince::words)
        .containsExactly("bass shelter in the creeks", "Wall of clay", "Old");
    assertThat(points.get(0).before()).isZero();
    assertThat(points.get(0).after()).isPositive();
    assertThat(points.get(1).before()).isEqualTo(-1);
    assertThat(points.get(2).after()).isEqualTo(-1);
  }

  @Test
  void a_draft_that_is_kept_is_the_same_when_it_is_read_again() {
    String kept = DraftText.plain("  One.\r\nTwo.\r\n\r\n \r\n\n Three.  \n\n");
    assertThat(kept).isEqualTo("One.\nTwo.\n\nThree.");
    assertThat(DraftText.of("d", kept).source().text().text()).isEqualTo(kept);
    assertThat(DraftText.plain(kept)).isEqualTo(kept);
  }

  @Test
  void an_empty_draft_and_a_map_without_topics_are_no_trouble() {
    assertThat(check("").lines()).isEmpty();
    assertThat(check("", "A point").points().get(0).missing()).isTrue();
    DraftCheck bare =
        Drafting.check(DraftText.of("d", DRAFT), List.of(), Maps.root("root"), List.of());
    assertThat(bare.rooms()).containsExactly(new Room(null, bare.words(), 6));
  }

  private static String resource(String name) throws Exception {
    try (InputStream in = DraftingTest.class.getResourceAsStream("/draft/" + name)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  @Test
  void points_are_found_where_a_talk_carries_them_and_nowhere_else() throws Exception {
    List<String[]> right =
        resource("points.tsv").lines().map(line -> line.split("\t", -1)).toList();
    String[] points = right.stream().map(row -> row[0]).toArray(String[]::new);
    DraftCheck check = check(resource("talk.txt"), points);
    List<String> found = new ArrayList<>();
    List<String> wanted = new ArrayList<>();
    for (int i = 0; i < points.length; i++) {
      Carried point = check.points().get(i);
      found.add(points[i] + " " + (point.missing() ? "-" : point.lines().get(0)));
      wanted.add(points[i] + " " + right.get(i)[1]);
    }
    long same = found.stream().filter(wanted::contains).count();
    assertThat(same).as(found + " instead of " + wanted).isEqualTo(16);
  }
}
