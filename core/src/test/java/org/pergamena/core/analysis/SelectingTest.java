package org.pergamena.core.analysis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pergamena.core.map.Maps.id;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.pergamena.core.analysis.Selecting.Bearing;
import org.pergamena.core.map.Colour;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Ink;
import org.pergamena.core.map.Look;
import org.pergamena.core.map.LookChange;
import org.pergamena.core.map.Maps;
import org.pergamena.core.map.Origin;
import org.pergamena.core.map.Stance;
import org.pergamena.core.map.Style;
import org.pergamena.core.map.Together;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.relate.Standing;
import org.pergamena.core.source.Passage;

class SelectingTest {
  private static Evidence passage(String source, int start) {
    Passage passage = new Passage(id(source), start, start + 4, "wall", "the ", " was");
    return new Evidence(id(source + start), passage, Stance.SUPPORTS, Origin.DISTILLED, 0.9);
  }

  private static final TopicMap MAP =
      Maps.marsh()
          .apply(
              new Together(
                  List.of(
                      new ContentChange.Refill(
                          id("age"), "", List.of(passage("a", 1), passage("b", 2)), List.of()),
                      new ContentChange.Refill(id("fish"), "", List.of(passage("b", 9)), List.of()),
                      new ContentChange.Annotate(id("squeeze"), "Ask the Warden"),
                      new ContentChange.Mark(id("squeeze"), List.of("agreed")),
                      new LookChange.Paint(
                          id("creeks"), Look.NONE.styled(Style.inked(Colour.of(Ink.WOAD)))))))
          .map();

  private static List<String> chosen(Selecting wanted) {
    return wanted.in(MAP).stream().map(id -> MAP.topic(id).label()).toList();
  }

  private static Selecting bearing(Bearing bearing) {
    return new Selecting("", null, null, bearing, null, null, null);
  }

  @Test
  void by_words_level_tag_source_and_ink() {
    assertThat(chosen(new Selecting("warden", null, null, null, null, null, null)))
        .containsExactly("squeeze");
    assertThat(chosen(new Selecting("", 1, null, null, null, null, null)))
        .containsExactly("wall", "creeks");
    assertThat(chosen(new Selecting("", 2, "agreed", null, null, null, null)))
        .containsExactly("squeeze");
    assertThat(chosen(new Selecting("", null, null, null, id("b"), null, null)))
        .containsExactly("age", "fish");
    assertThat(chosen(new Selecting("", null, null, null, null, null, Ink.WOAD)))
        .containsExactly("creeks");
  }

  @Test
  void by_what_bears_them_out_and_how_they_stand() {
    assertThat(chosen(bearing(Bearing.UNSUPPORTED))).containsExactly("squeeze");
    assertThat(chosen(bearing(Bearing.THIN))).containsExactly("fish");
    assertThat(chosen(bearing(Bearing.ONE_SOURCE))).containsExactly("creeks", "fish");
    assertThat(chosen(bearing(Bearing.SEVERAL_SOURCES))).containsExactly("root", "wall", "age");
    assertThat(chosen(bearing(Bearing.NOTED))).containsExactly("squeeze");
    Selecting key = new Selecting("", null, null, null, null, Standing.Kind.KEY, null);
    assertThat(chosen(key)).containsExactly("wall");
  }
}
