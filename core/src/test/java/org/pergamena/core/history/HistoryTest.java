package org.pergamena.core.history;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.pergamena.core.map.Maps.id;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.history.Difference.Kind;
import org.pergamena.core.map.Applied;
import org.pergamena.core.map.Branch;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.EvidenceChange;
import org.pergamena.core.map.LinkChange;
import org.pergamena.core.map.MapRuleException;
import org.pergamena.core.map.Maps;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.Regrouping;
import org.pergamena.core.map.ShelfChange;
import org.pergamena.core.map.Together;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.TreeChange;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceTextBuilder;

class HistoryTest {
  private static final Source SOURCE = source("The wall is old. The creeks are full of fish.");

  private static Source source(String text) {
    SourceTextBuilder builder = new SourceTextBuilder();
    builder.block(Block.Kind.PARAGRAPH, 0, text, "1");
    return new Source(id("source"), "Survey", builder.build());
  }

  private static Evidence passage(String name, String words) {
    return Maps.evidence(name, SOURCE, words);
  }

  private final List<Change> inverses = new ArrayList<>();
  private TopicMap now = Maps.filled(Maps.marsh(), "age", List.of(passage("e", "old")), List.of());
  private final TopicMap first = now;

  private String does(Change change) {
    Applied applied = now.apply(change);
    String told = Telling.of(change, now, applied.map());
    inverses.add(0, applied.inverse());
    now = applied.map();
    return told;
  }

  private List<Change> everything() {
    return List.of(
        new ContentChange.Relabel(id("wall"), "Old wall"),
        new TreeChange.Move(id("age"), id("creeks"), Place.FIRST),
        new ContentChange.Annotate(id("fish"), "Many"),
        new TreeChange.AddBranch(id("wall"), Place.LAST, Branch.of(Maps.topic("gate"))),
        new TreeChange.RemoveBranch(id("squeeze")),
        new LinkChange.Connect(CrossLink.of(id("l"), id("wall"), id("fish"), "shelters")),
        new EvidenceChange.Unlink(id("age"), id("e")),
        new ShelfChange.Withdraw(id("source")));
  }

  @Test
  void what_was_done_is_told_in_words() {
    List<String> told = everything().stream().map(this::does).toList();
    assertThat(told)
        .containsExactly(
            "Renamed “wall” to “Old wall”",
            "Moved “age” under “creeks”",
            "Changed the note on “fish”",
            "Added “gate”",
            "Took “squeeze” out",
            "Linked “Old wall” to “fish”",
            "Unlinked a passage from “age”",
            "Took a source off the shelf");
    Change several =
        new Together(
            List.of(
                new ContentChange.Mark(id("wall"), List.of("agreed")),
                new ContentChange.Mark(id("fish"), List.of("agreed")),
                new ContentChange.Relabel(id("fish"), "Bass")));
    assertThat(does(several)).isEqualTo("Changed the tags of 2 topics, renamed “fish” to “Bass”");
    assertThat(does(new Together(List.of()))).isEqualTo("Left everything as it was");
  }

  @Test
  void an_earlier_state_is_seen_and_brought_back_whole() {
    everything().forEach(this::does);
    assertThat(Restoring.past(now, inverses)).isEqualTo(first);
    Change back = Restoring.whole(now, inverses);
    assertThat(back.parts()).contains(new ShelfChange.Restore(id("source")));
    Applied restored = now.apply(back);
    assertThat(restored.map()).isEqualTo(first);
    assertThat(restored.map().apply(restored.inverse()).map()).isEqualTo(now);
  }

  @Test
  void two_states_are_compared() {
    everything().forEach(this::does);
    List<Difference> found = Comparison.of(first, now);
    assertThat(found)
        .extracting(Difference::kind)
        .containsExactlyInAnyOrder(
            Kind.RENAMED, Kind.MOVED, Kind.WORDS, Kind.ADDED, Kind.GONE, Kind.LINK, Kind.PASSAGES);
    assertThat(found)
        .contains(
            new Difference(Kind.MOVED, id("age"), "age", "Old wall".substring(4), "creeks"),
            new Difference(Kind.GONE, id("squeeze"), "squeeze", "wall", ""),
            new Difference(Kind.PASSAGES, id("age"), "age", "1 passage", "0 passages"));
    assertThat(Comparison.of(now, now)).isEmpty();
    TopicMap three = Maps.with(Maps.with(first, "root", "bank"), "root", "birds");
    Change up = new TreeChange.Move(id("birds"), id("root"), Place.FIRST);
    assertThat(Comparison.of(three, three.apply(up).map()))
        .containsExactly(new Difference(Kind.REORDERED, id("birds"), "birds", "", ""));
  }

  @Test
  void one_branch_is_brought_back_and_what_came_since_stays() {
    does(new EvidenceChange.Link(id("wall"), Place.LAST, passage("w", "wall")));
    final TopicMap past = now;
    does(new TreeChange.AddBranch(id("wall"), Place.FIRST, Branch.of(Maps.topic("gate"))));
    does(new Regrouping(now).passages(id("age"), List.of(id("e")), id("fish")));
    does(new TreeChange.RemoveBranch(id("squeeze")));
    does(new ContentChange.Relabel(id("wall"), "Bank"));
    does(new TreeChange.Move(id("wall"), id("creeks"), Place.LAST));
    Change back =
        Restoring.branch(now, past, id("wall"), new Today(List.of(SOURCE)), () -> id("another"));
    Applied restored = now.apply(back);
    TopicMap map = restored.map();
    assertThat(map.topic(id("wall")).label()).isEqualTo("wall");
    assertThat(map.topic(id("wall")).parent()).isEqualTo(id("creeks"));
    assertThat(map.topic(id("wall")).children())
        .containsExactly(id("age"), id("squeeze"), id("gate"));
    assertThat(map.topic(id("age")).evidence())
        .extracting(Evidence::id)
        .containsExactly(id("another"));
    assertThat(map.topic(id("fish")).evidence()).hasSize(1);
    assertThat(map.apply(restored.inverse()).map()).isEqualTo(now);
    assertThatThrownBy(
            () -> Restoring.branch(now, past, id("root"), new Today(List.of()), UUID::randomUUID))
        .isInstanceOf(MapRuleException.class);
  }

  @Test
  void a_branch_that_is_gone_comes_back_under_what_there_is_of_its_parents() {
    final TopicMap past = now;
    does(new TreeChange.RemoveBranch(id("wall")));
    Change back = Restoring.branch(now, past, id("age"), new Today(List.of()), UUID::randomUUID);
    TopicMap map = now.apply(back).map();
    assertThat(map.topic(id("age")).parent()).isEqualTo(id("root"));
    // its source is not on the shelf any more
    assertThat(map.topic(id("age")).evidence()).isEmpty();
  }

  @Test
  void passages_are_found_in_the_text_of_today_or_are_adrift() {
    Source newer = source("Nobody knows how old it is.");
    Today today = new Today(List.of(newer));
    assertThat(today.of(first.topic(id("age")).content()).evidence().get(0).passage().start())
        .isEqualTo(newer.text().text().indexOf("old"));
    Evidence gone = passage("g", "fish");
    TopicMap map = Maps.filled(first, "fish", List.of(gone), List.of());
    assertThat(today.of(map.topic(id("fish")).content()).evidence().get(0).passage().anchored())
        .isFalse();
  }
}
