package org.pergamena.core.publish;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.map.Also;
import org.pergamena.core.map.AlsoChange;
import org.pergamena.core.map.Arrangement;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.LayoutKind;
import org.pergamena.core.map.LinkChange;
import org.pergamena.core.map.LookChange;
import org.pergamena.core.map.Manner;
import org.pergamena.core.map.MapLook;
import org.pergamena.core.map.MapTheme;
import org.pergamena.core.map.Maps;
import org.pergamena.core.map.Paper;
import org.pergamena.core.map.Picture;
import org.pergamena.core.map.Styles;
import org.pergamena.core.map.Together;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.reference.Citation;
import org.pergamena.core.reference.Citations;
import org.pergamena.core.source.Block.Kind;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.source.SourceTextBuilder;

class ReportTest {
  private static final UUID AGE = Maps.id("age");
  private static final Source SURVEY = survey();
  private static final Source LETTER =
      new Source(Maps.id("letter"), "Letter", SourceText.plain("It drives the squeeze."));

  private static Source survey() {
    SourceTextBuilder builder = new SourceTextBuilder();
    builder.block(Kind.PARAGRAPH, 0, "The wall\nis old.");
    return new Source(Maps.id("survey"), "Survey", builder.page(0, 1, "41").build());
  }

  private static Report report(TopicMap map) {
    return report(map, false);
  }

  private static Report report(TopicMap map, boolean footnotes) {
    return Report.of(
        Scope.WHOLE.of(map),
        List.of(SURVEY, LETTER),
        note -> List.of(Block.Paragraph.of(Block.Kind.NOTE, note)),
        new Report.Manner(
            Map.of(SURVEY.id(), "survey", LETTER.id(), "letter"), ReportTest::plain, footnotes));
  }

  /** Each citation by its number, its works and their places. */
  private static Citing.Worded plain(List<Citation> citations) {
    List<List<Block.Run>> words = new ArrayList<>();
    Set<String> keys = new LinkedHashSet<>();
    for (Citation citation : citations) {
      boolean known = citation.cites().stream().noneMatch(cite -> cite.key().equals("unknown"));
      if (known) {
        citation.cites().forEach(cite -> keys.add(cite.key()));
      }
      String said = "(" + (words.size() + 1) + " " + Citations.write(citation) + ")";
      words.add(known ? List.of(Block.Run.plain(said)) : List.of());
    }
    return new Citing.Worded(
        words, keys.stream().map(key -> new Citing.Entry(key, "", List.of())).toList(), false);
  }

  private static TopicMap marsh(Change... changes) {
    return Maps.marsh().apply(new Together(List.of(changes))).map();
  }

  private static List<String> headings(Report report) {
    return report.blocks().stream()
        .filter(Block.Heading.class::isInstance)
        .map(Block.Heading.class::cast)
        .map(h -> h.level() + " " + h.number() + " " + h.words() + " " + h.mark())
        .map(String::strip)
        .toList();
  }

  @Test
  void each_topic_but_the_root_has_a_heading_with_its_number_and_mark() {
    TopicMap map =
        Maps.filled(
            Maps.marsh(),
            "age",
            List.of(Maps.evidence("e", SURVEY, "The wall\nis old.")),
            List.of());
    Report report = report(map);
    assertThat(report.title()).isEqualTo("root");
    assertThat(headings(report))
        .containsExactly(
            "1 1 wall",
            "2 1.1 age thin",
            "2 1.2 squeeze unsupported",
            "1 2 creeks",
            "2 2.1 fish unsupported");
    MapLook bare =
        new MapLook(
            Arrangement.of(LayoutKind.BRACES),
            MapTheme.VELLUM,
            false,
            MapLook.Crossing.LINES,
            false,
            Paper.NONE,
            Styles.NONE,
            List.of());
    assertThat(headings(report(map.apply(new LookChange.Arrange(bare)).map())))
        .contains("1  wall".strip());
  }

  @Test
  void what_a_topic_carries_stands_under_its_heading_in_order() {
    TopicMap map =
        marsh(
            new ContentChange.DefineTopic(AGE, "In\nyears.", false),
            new ContentChange.Mark(AGE, List.of("agreed", "open")),
            new ContentChange.Annotate(AGE, "Ask the warden."),
            new ContentChange.Illustrate(
                AGE,
                List.of(
                    new Picture(Maps.id("p"), "ink/wall", "Bricks", Picture.Where.ABOVE, 80, 0.5))),
            new ContentChange.Refill(
                AGE,
                "A sentence that sums it up.",
                List.of(Maps.evidence("e", SURVEY, "The wall\nis old.")),
                List.of()));
    List<Block> blocks = report(map).blocks();
    int at = 1 + blocks.indexOf(new Block.Heading(AGE, 2, "1.1", "age", "thin"));
    assertThat(blocks.subList(at, at + 6))
        .containsExactly(
            new Block.Figure("ink/wall", "Bricks", 80, 40),
            Block.Paragraph.of(Block.Kind.DEFINITION, "In years."),
            Block.Paragraph.of(Block.Kind.SUMMARY, "A sentence that sums it up."),
            Block.Paragraph.of(Block.Kind.TAGS, "agreed, open question"),
            Block.Paragraph.of(Block.Kind.NOTE, "Ask the warden."),
            new Block.Passage("The wall is old.", SURVEY.id(), said("(1 [@survey, p. 41])")));
  }

  @Test
  void relations_say_where_they_lead_and_what_bears_them_out() {
    CrossLink link =
        CrossLink.of(Maps.id("l"), AGE, Maps.id("squeeze"), "drives")
            .withManner(new Manner(Manner.Direction.BOTH, true))
            .withNote("Since when?")
            .withGrounds(List.of(Maps.evidence("g", LETTER, "It drives the squeeze.")));
    TopicMap map =
        marsh(
            new LinkChange.Connect(link),
            new AlsoChange.Show(new Also(Maps.id("a"), AGE, Maps.id("creeks"))));
    Report report = report(map);
    Block.Paragraph relation =
        report.blocks().stream()
            .filter(b -> b instanceof Block.Paragraph p && p.kind() == Block.Kind.RELATION)
            .map(Block.Paragraph.class::cast)
            .findFirst()
            .orElseThrow();
    assertThat(relation.words()).isEqualTo("drives \u2194 squeeze (1.2) (supposed): Since when?");
    assertThat(relation.runs().get(0).italic()).isTrue();
    Block after = report.blocks().get(report.blocks().indexOf(relation) + 1);
    assertThat(after)
        .isEqualTo(new Block.Passage("It drives the squeeze.", LETTER.id(), said("(1 [@letter])")));
    assertThat(report.blocks())
        .endsWith(
            new Block.Paragraph(
                Block.Kind.ALSO,
                List.of(
                    Block.Run.plain("Also here: "),
                    new Block.Run("age (1.1)", false, false, "#" + AGE))));
  }

  @Test
  void sources_are_told_in_the_order_in_which_they_are_first_cited() {
    TopicMap map = Maps.marsh();
    map =
        Maps.filled(
            map, "fish", List.of(Maps.evidence("f", SURVEY, "The wall\nis old.")), List.of());
    map =
        Maps.filled(
            map, "wall", List.of(Maps.evidence("w", LETTER, "It drives the squeeze.")), List.of());
    assertThat(report(map).references())
        .extracting(Citing.Entry::key)
        .containsExactly("letter", "survey");
    assertThat(report(Maps.marsh()).references()).isEmpty();
  }

  private static List<Block.Run> said(String words) {
    return List.of(Block.Run.plain(words));
  }

  @Test
  void notes_cite_where_they_say_so_and_unknown_works_stay_as_they_are_written() {
    TopicMap map =
        marsh(
            new ContentChange.Annotate(
                AGE, "Older [see @letter, p. 2], or not [@unknown], [@survey] says."));
    Block.Paragraph note =
        report(map).blocks().stream()
            .filter(b -> b instanceof Block.Paragraph p && p.kind() == Block.Kind.NOTE)
            .map(Block.Paragraph.class::cast)
            .findFirst()
            .orElseThrow();
    assertThat(note.words())
        .isEqualTo("Older (1 [see @letter, p. 2]), or not [@unknown], (3 [@survey]) says.");
    assertThat(report(map).references())
        .extracting(Citing.Entry::key)
        .containsExactly("letter", "survey");
  }

  @Test
  void citations_can_be_footnotes() {
    TopicMap map = marsh(new ContentChange.Annotate(AGE, "Older [@letter], it says."));
    Block.Paragraph note =
        (Block.Paragraph)
            report(map, true).blocks().stream()
                .filter(Block.Paragraph.class::isInstance)
                .findFirst()
                .orElseThrow();
    assertThat(note.runs())
        .containsExactly(
            Block.Run.plain("Older"),
            Block.Run.footnote(said("(1 [@letter])")),
            Block.Run.plain(", it says."));
  }
}
