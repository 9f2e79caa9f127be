package org.pergamena.core.layout;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.pergamena.core.map.Colour;
import org.pergamena.core.map.Style;
import org.pergamena.core.map.Tag;
import org.pergamena.core.map.Typeface;

class PlateTest {
  private static final Typesetter TYPE =
      new Typesetter(
          new Palette(
              "#ffffff",
              1,
              Typeface.BOOK,
              "#111111",
              "#555555",
              "#aa0000",
              List.of("#001122"),
              List.of("#220011"),
              Map.of()),
          (text, style) -> text.length() * style.size() / 2);
  private static final Scene SCENE =
      new Scene(400, 300, Backdrop.plain("#ffffff"), List.of(), List.of(), List.of());

  private static List<String> words(Placed placed) {
    return placed.items().stream()
        .filter(Item.Words.class::isInstance)
        .map(item -> ((Item.Words) item).text())
        .toList();
  }

  private static final SortedSet<Boolean> NONE = new TreeSet<>();

  @Test
  void title_sources_marks_and_tags_stand_below_the_drawing() {
    Plate.Key key =
        new Plate.Key(
            List.of("Survey", "Letter"),
            List.of(new Plate.Mark("thin", "too little bears it out")),
            List.of(new Tag("t", "open question", "Nobody knows.", "x")),
            List.of(new Plate.Sample(Style.grounded(Colour.read("#99aa99")), "well borne out")),
            new TreeSet<>(Set.of(true, false)));
    Scene plate = Plate.of(SCENE, "The marsh", key, TYPE);
    Placed below = plate.topics().get(0);
    assertThat(below.id()).isEqualTo(Plate.BELOW);
    assertThat(below.y()).isEqualTo(300);
    assertThat(plate.height()).isEqualTo(300 + below.height());
    assertThat(words(below))
        .containsExactly(
            "The marsh",
            "Survey",
            "Letter",
            "thin",
            "too little bears it out",
            "open question",
            "Nobody knows.",
            "well borne out",
            "a link across the map",
            "a supposed link");
    assertThat(
            below.items().stream()
                .filter(Item.Line.class::isInstance)
                .map(item -> ((Item.Line) item).dash()))
        .as("as they are drawn")
        .containsExactly(Crossings.dash(false), Crossings.dash(true));
    assertThat(below.items().stream().filter(Item.Bar.class::isInstance)).hasSize(3);
  }

  @Test
  void a_long_title_widens_the_page_and_long_legends_take_several_rows() {
    String title = "A very long title of a very small map that says all there is to say";
    List<String> sources = List.of("One source of a length", "Another source of a length", "Third");
    Scene plate =
        Plate.of(SCENE, title, new Plate.Key(sources, List.of(), List.of(), List.of(), NONE), TYPE);
    assertThat(plate.width()).isGreaterThan(title.length() * 11);
    Scene few =
        Plate.of(SCENE, "x", new Plate.Key(sources, List.of(), List.of(), List.of(), NONE), TYPE);
    assertThat(few.width()).isEqualTo(400);
    assertThat(
            few.topics().get(0).items().stream()
                .filter(Item.Words.class::isInstance)
                .map(item -> ((Item.Words) item).y())
                .distinct())
        .hasSizeGreaterThan(2);
    few.topics()
        .get(0)
        .items()
        .forEach(
            item -> {
              if (item instanceof Item.Words words) {
                assertThat(words.x() + words.text().length() * words.style().size() / 2)
                    .isLessThanOrEqualTo(400);
              }
            });
  }
}
