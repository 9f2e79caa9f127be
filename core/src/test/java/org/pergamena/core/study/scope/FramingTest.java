package org.pergamena.core.study.scope;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pergamena.core.map.Maps.id;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.map.Maps;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;

class FramingTest {
  private static final List<Analysed> TEXTS =
      List.of(
          TextAnalyser.analyse(
              new Source(
                  id("n"), "n", SourceText.plain("The marsh of Ferrow is wide. Low fields lie."))));

  private static TopicMap map() {
    TopicMap map = Maps.root("Ferrow saltmarsh");
    map = Maps.with(map, "Ferrow saltmarsh", "Low fields");
    map = Maps.with(map, "Low fields", "Patching the wall");
    map = Maps.with(map, "Low fields", "Opening the wall");
    map = Maps.with(map, "Opening the wall", "Growth of mud");
    map = Maps.with(map, "Opening the wall", "Birds");
    return Maps.with(map, "Ferrow saltmarsh", "Oyster growers");
  }

  private static Topic topic(String name) {
    return map().topic(id(name));
  }

  @Test
  void the_fields_of_an_effect_are_filled_from_the_path_and_what_lies_around_it() {
    List<Field> fields = Framing.fields(map(), topic("Opening the wall"), Frame.EFFECT);
    assertThat(fields)
        .containsExactly(
            new Field("Population", List.of("Low fields")),
            new Field("Intervention", List.of("Opening the wall")),
            new Field("Comparison", List.of("Patching the wall")),
            new Field("Outcome", List.of("Growth of mud")));
    assertThat(Framing.worded(Frame.EFFECT, fields, TEXTS))
        .isEqualTo(
            "For low fields, what is the effect of opening the wall, compared with patching the"
                + " wall, on growth of mud?");
    assertThat(Framing.fields(map(), topic("Birds"), Frame.EFFECT).get(3).terms())
        .as("what is left is the outcome of what was done above it")
        .containsExactly("Birds");
  }

  @Test
  void an_experience_is_that_of_people_in_a_context() {
    List<Field> fields = Framing.fields(map(), topic("Opening the wall"), Frame.EXPERIENCE);
    assertThat(fields.get(0).terms()).containsExactly("Oyster growers");
    assertThat(fields.get(2).terms()).containsExactly("Ferrow saltmarsh");
    assertThat(Framing.worded(Frame.EXPERIENCE, fields, TEXTS))
        .isEqualTo(
            "How do oyster growers experience opening the wall in the context of Ferrow"
                + " saltmarsh?");
  }

  @Test
  void empty_fields_are_left_out_and_names_keep_their_capitals() {
    Field none = new Field("Population", List.of());
    Field what = new Field("Intervention", List.of("BBNP levy", " "));
    assertThat(Framing.worded(Frame.EFFECT, List.of(none, what, none, none), TEXTS))
        .isEqualTo("What comes of BBNP levy?");
    assertThat(Framing.worded(Frame.EXPERIENCE, List.of(none), TEXTS))
        .isEqualTo("How do people experience this?");
    List<Field> own =
        List.of(new Field("A", List.of("Mud", "Silt")), new Field("B", List.of("Oysters")));
    assertThat(Framing.worded(Frame.OWN, own, TEXTS))
        .isEqualTo("What is known of mud and silt and oysters?");
    assertThat(Framing.path(map(), topic("Birds")))
        .extracting(Topic::label)
        .containsExactly("Ferrow saltmarsh", "Low fields", "Opening the wall", "Birds");
    assertThat(Framing.fields(Maps.root("r"), Maps.root("r").root(), Frame.EFFECT).get(1).terms())
        .containsExactly("r");
  }
}
