package org.pergamena.core.outline;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.pergamena.core.map.Arrangement;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.LayoutKind;
import org.pergamena.core.map.LinkChange;
import org.pergamena.core.map.LookChange;
import org.pergamena.core.map.MapLook;
import org.pergamena.core.map.MapTheme;
import org.pergamena.core.map.Maps;
import org.pergamena.core.map.Paper;
import org.pergamena.core.map.Styles;
import org.pergamena.core.map.Together;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.source.SourceTextBuilder;

class MarkdownOutlineTest {
  private static final Source SURVEY = new Source(Maps.id("survey"), "Survey *report*", text());

  private static SourceText text() {
    SourceTextBuilder builder = new SourceTextBuilder();
    builder.block(Block.Kind.PARAGRAPH, 0, "The wall\nwas old.");
    return builder.page(0, 1, "41").build();
  }

  @Test
  void headings_lists_notes_and_footnotes() {
    TopicMap map = Maps.with(Maps.marsh(), "age", "stone");
    map =
        Maps.filled(
            map, "stone", List.of(Maps.evidence("e", SURVEY, "The wall\nwas old.")), List.of());
    map = map.apply(new ContentChange.Annotate(Maps.id("wall"), "Look *again*.\n\n1. Then")).map();
    assertThat(MarkdownOutline.write(map, List.of(SURVEY)))
        .isEqualTo(
            """
            # root

            ## 1 wall

            Look *again*.

            1\\. Then

            ### 1.1 age

            - 1.1.1 stone[^1]

            ### 1.2 squeeze

            ## 2 creeks

            ### 2.1 fish

            [^1]: \u201cThe wall was old.\u201d \u2014 *Survey \\*report\\**, p. 41
            """);
  }

  @Test
  void a_link_has_the_passages_that_bear_it_out_and_a_branch_stands_alone() {
    CrossLink link = CrossLink.of(Maps.id("l"), Maps.id("age"), Maps.id("squeeze"), "drives");
    CrossLink out = CrossLink.of(Maps.id("o"), Maps.id("age"), Maps.id("fish"), "");
    Evidence evidence = Maps.evidence("e", SURVEY, "The wall\nwas old.");
    TopicMap map =
        Maps.marsh()
            .apply(
                new Together(
                    List.of(
                        new LinkChange.Connect(link.withGrounds(List.of(evidence))),
                        new LinkChange.Connect(out))))
            .map();
    assertThat(MarkdownOutline.write(map.only(Maps.id("wall")), List.of(SURVEY)))
        .isEqualTo(
            """
            # wall

            ## 1 age

            *drives* \u2192 squeeze (2)[^1]

            ## 2 squeeze

            [^1]: \u201cThe wall was old.\u201d \u2014 *Survey \\*report\\**, p. 41
            """);
    assertThat(map.only(map.root().id())).isEqualTo(map);
    assertThat(
            MarkdownOutline.write(
                map.only(List.of(Maps.id("fish"), Maps.id("age"))), List.of(SURVEY)))
        .isEqualTo("# root\n\n## 1 age\n\n\u2192 fish (2)\n\n## 2 fish\n");
  }

  @Test
  void numbers_stand_where_the_map_shows_them() {
    MapLook plain =
        new MapLook(
            Arrangement.of(LayoutKind.BRACES),
            MapTheme.VELLUM,
            false,
            MapLook.Crossing.TIES,
            false,
            Paper.NONE,
            Styles.NONE,
            List.of());
    TopicMap map = Maps.marsh().apply(new LookChange.Arrange(plain)).map();
    assertThat(MarkdownOutline.write(map, List.of())).contains("## wall\n\n### age\n");
  }

  @Test
  void a_map_without_evidence_has_no_footnotes() {
    assertThat(MarkdownOutline.write(Maps.root("Alone"), List.of())).isEqualTo("# Alone\n");
  }

  @Test
  void a_note_brings_no_html_and_no_link_that_runs_something() {
    String note =
        "<script>alert(1)</script> [a](javascript:alert(1)) <https://ferrow.example>"
            + " [b](https://ferrow.example) 3 < 4";
    TopicMap map = Maps.marsh().apply(new ContentChange.Annotate(Maps.id("wall"), note)).map();
    assertThat(MarkdownOutline.write(map, List.of()))
        .contains(
            "\\<script>alert(1)\\</script> [a](#alert(1)) <https://ferrow.example>"
                + " [b](https://ferrow.example) 3 < 4");
  }
}
