package org.pergamena.core.reply;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.analysis.Support;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.EvidenceChange;
import org.pergamena.core.map.Origin;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.Stance;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.reply.Checked.Cite;
import org.pergamena.core.reply.Checked.Judged;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceTextBuilder;
import org.pergamena.core.source.Span;

class CheckingTest {
  private static final Source NOTES =
      new Source(
          UUID.randomUUID(),
          "notes",
          new SourceTextBuilder()
              .block(
                  Block.Kind.PARAGRAPH,
                  0,
                  "The old sea wall was breached in 1987. Waders came to feed on the mud in winter."
                      + " The warden counted 1,200 waders at high water. Barley had grown behind the"
                      + " old sea wall. The sea wall was too costly to repair. Sediment settled fast."
                      + " More sediment came with the spring tides. In two years sediment had raised"
                      + " the ground. Anna Reed measured the sediment again.")
              .build());

  private static final List<Analysed> SOURCES = List.of(TextAnalyser.analyse(NOTES));

  private static Checked checked(TopicMap map, String reply) {
    return Checking.of(ReplyReader.read(reply, false), map, SOURCES, (what, share) -> {});
  }

  @Test
  void points_are_borne_out_thin_or_unsupported() {
    Checked checked = checked(null, "- Old sea wall\n- Barley\n- Ferry ticket prices\n");
    assertThat(checked.points())
        .extracting(Judged::grade)
        .containsExactly(Support.Grade.WELL, Support.Grade.THIN, Support.Grade.UNSUPPORTED);
    assertThat(checked.points().get(1).matches().get(0).passage().exact())
        .startsWith("Barley had grown");
  }

  @Test
  void numbers_and_names_that_no_source_has_are_pointed_out() {
    Checked checked =
        checked(
            null,
            "- Sea wall: it was breached in 1987 and again in 1994, as Anna Reed and Piet Holm say\n"
                + "- Waders: the warden counted 1200 of them at high water\n");
    assertThat(checked.points().get(0).claims()).containsExactly("1994", "Piet", "Holm");
    assertThat(checked.points().get(1).claims()).isEmpty();
  }

  @Test
  void what_the_sources_say_much_about_and_the_reply_does_not_name_is_told() {
    assertThat(checked(null, "- Sea wall\n- Waders\n").unsaid())
        .anySatisfy(
            unsaid -> {
              assertThat(unsaid.term()).isEqualTo("sediment");
              assertThat(unsaid.sentences()).isEqualTo(4);
              assertThat(unsaid.first().exact()).startsWith("Sediment settled");
            });
    assertThat(checked(null, "- Sea wall\n- Sediments\n").unsaid())
        .noneMatch(unsaid -> unsaid.term().equals("sediment"));
  }

  @Test
  void keys_are_checked_for_being_there_and_for_saying_what_the_point_says() {
    TopicMap map = ComparingTest.map("- Birds\n");
    Evidence evidence =
        new Evidence(
            UUID.fromString("3f9a2c00-0000-4000-8000-000000000000"),
            Passage.of(NOTES, new Span(39, 80)),
            Stance.SUPPORTS,
            Origin.DISTILLED,
            0.9);
    map =
        map.apply(new EvidenceChange.Link(ComparingTest.topic(map, "Birds"), Place.LAST, evidence))
            .map();
    Checked checked =
        checked(map, "- Waders in winter [p3f9a2c]\n- Car park [p3f9a2c]\n- Mud [p123456]\n");
    List<List<Cite>> cites = checked.points().stream().map(Judged::cites).toList();
    assertThat(cites.get(0).get(0).strength()).isGreaterThan(0.9);
    assertThat(cites.get(1)).containsExactly(new Cite("p3f9a2c", evidence.id(), 0));
    assertThat(cites.get(2)).containsExactly(new Cite("p123456", null, 0));
    assertThat(checked.points().get(1).grade()).isEqualTo(Support.Grade.UNSUPPORTED);
  }
}
