package org.pergamena.core.map;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.history.Today;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceTextBuilder;

/** Passages that bear a cross-link out, and its line. */
class GroundingTest {
  private static final UUID LINK = Maps.id("link");
  private static final Source SURVEY = source("survey", "The age of the wall drives the squeeze.");
  private static final Evidence AGE = Maps.evidence("age", SURVEY, "age of the wall");

  private static Source source(String name, String words) {
    return new Source(
        Maps.id(name), name, new SourceTextBuilder().block(Block.Kind.PARAGRAPH, 0, words).build());
  }

  private static TopicMap linked() {
    CrossLink link = CrossLink.of(LINK, Maps.id("age"), Maps.id("squeeze"), "drives");
    return Maps.marsh().apply(new LinkChange.Connect(link)).map();
  }

  private static TopicMap grounded() {
    TopicMap map = linked();
    return map.apply(Grounding.with(map, LINK, AGE)).map();
  }

  @Test
  void a_passage_bears_a_link_out_once_and_can_be_taken_away() {
    TopicMap map = grounded();
    assertThat(map.link(LINK).grounds()).containsExactly(AGE);
    assertThatThrownBy(() -> Grounding.with(map, LINK, AGE)).hasMessageContaining("already");
    TopicMap bare = map.apply(Grounding.without(map, LINK, AGE.id())).map();
    assertThat(bare).isEqualTo(linked());
    assertThatThrownBy(() -> Grounding.without(bare, LINK, AGE.id()))
        .isInstanceOf(MapRuleException.class);
    assertThatThrownBy(() -> Grounding.with(bare, Maps.id("none"), AGE))
        .hasMessageContaining("no longer");
  }

  @Test
  void a_source_that_goes_takes_its_passages_along_and_undo_brings_them_back() {
    TopicMap map = grounded();
    Applied done = map.apply(new ShelfChange.Withdraw(SURVEY.id()));
    assertThat(done.map().link(LINK).grounds()).isEmpty();
    assertThat(done.map().apply(done.inverse()).map()).isEqualTo(map);
  }

  @Test
  void passages_are_found_again_in_a_newer_text() {
    Source newer = source("survey", "By now the age of the wall drives the squeeze.");
    TopicMap map = grounded();
    Change change = NewerText.change(map, SURVEY, newer, Maps.id("old"), Maps.id("new"));
    Evidence found = map.apply(change).map().link(LINK).grounds().get(0);
    assertThat(found.passage().start()).isEqualTo(AGE.passage().start() + 7);
    assertThat(NewerText.fits(map, linked(), SURVEY.id())).isFalse();
    assertThat(new Today(List.of(newer)).of(map.link(LINK)).grounds()).containsExactly(found);
    assertThat(new Today(List.of()).of(map.link(LINK)).grounds()).isEmpty();
  }

  @Test
  void a_copy_rests_on_the_copies_of_its_sources() {
    TopicMap map = grounded();
    UUID copy = Maps.id("copy");
    TopicMap copied = map.copied(source -> copy, UUID::randomUUID);
    assertThat(copied.links().get(0).restsOn(copy)).isTrue();
    assertThat(Planting.sources(map, List.of(map.root()))).containsExactly(SURVEY.id());
    assertThat(Planting.sources(map, List.of(map.topic(Maps.id("age"))))).isEmpty();
  }

  @Test
  void a_line_stays_bent_when_it_is_turned_round_and_not_when_it_is_led_elsewhere() {
    Bend bend = new Bend(40, -20);
    TopicMap map = linked().apply(new LinkChange.Bow(LINK, bend)).map();
    Change turn = new LinkChange.Reattach(LINK, Maps.id("squeeze"), Maps.id("age"));
    assertThat(map.apply(turn).map().link(LINK).bend()).isEqualTo(bend);
    Applied led = map.apply(new LinkChange.Reattach(LINK, Maps.id("age"), Maps.id("fish")));
    assertThat(led.map().link(LINK).bend()).isNull();
    assertThat(led.map().apply(led.inverse()).map()).isEqualTo(map);
    assertThatThrownBy(() -> new Bend(Double.NaN, 0)).hasMessageContaining("Bend it less");
  }

  @Test
  void pictures_have_limits_that_are_told() {
    Picture picture = new Picture(Maps.id("p"), "image", "", Picture.Where.ABOVE, 100, 1);
    assertThatThrownBy(() -> Gloss.NONE.withPictures(List.of(picture, picture)))
        .hasMessageContaining("already");
    assertThatThrownBy(() -> new Picture(Maps.id("p"), "image", "", Picture.Where.ABOVE, 100, 1000))
        .hasMessageContaining("too narrow");
    assertThatThrownBy(() -> new Picture(Maps.id("p"), "image", "", Picture.Where.ABOVE, 900, 1))
        .hasMessageContaining("smaller");
  }
}
