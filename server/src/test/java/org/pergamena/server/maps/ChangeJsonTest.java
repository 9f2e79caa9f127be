package org.pergamena.server.maps;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.map.Also;
import org.pergamena.core.map.AlsoChange;
import org.pergamena.core.map.Applied;
import org.pergamena.core.map.Arrangement;
import org.pergamena.core.map.Bend;
import org.pergamena.core.map.Branch;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.Colour;
import org.pergamena.core.map.Comment;
import org.pergamena.core.map.CommentChange;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.EvidenceChange;
import org.pergamena.core.map.Extent;
import org.pergamena.core.map.Fan;
import org.pergamena.core.map.Gloss;
import org.pergamena.core.map.Grain;
import org.pergamena.core.map.Ink;
import org.pergamena.core.map.LabelWidth;
import org.pergamena.core.map.LayoutKind;
import org.pergamena.core.map.Legend;
import org.pergamena.core.map.LegendChange;
import org.pergamena.core.map.LineForm;
import org.pergamena.core.map.LinkChange;
import org.pergamena.core.map.Look;
import org.pergamena.core.map.LookChange;
import org.pergamena.core.map.Manner;
import org.pergamena.core.map.MapLook;
import org.pergamena.core.map.MapTheme;
import org.pergamena.core.map.NamedStyle;
import org.pergamena.core.map.Origin;
import org.pergamena.core.map.Outline;
import org.pergamena.core.map.Paper;
import org.pergamena.core.map.Picture;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.Rule;
import org.pergamena.core.map.ShelfChange;
import org.pergamena.core.map.Spacing;
import org.pergamena.core.map.Stance;
import org.pergamena.core.map.Strength;
import org.pergamena.core.map.Stroke;
import org.pergamena.core.map.Style;
import org.pergamena.core.map.Styles;
import org.pergamena.core.map.Tag;
import org.pergamena.core.map.TextSize;
import org.pergamena.core.map.Together;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.TreeChange;
import org.pergamena.core.map.Typeface;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Span;

/**
 * Stored changes are read for as long as there are maps: the golden files hold every kind of change
 * as each format has written it, and are never written again.
 */
class ChangeJsonTest {
  private static final UUID ROOT = new UUID(0, 1);
  private static final UUID WALL = new UUID(0, 2);
  private static final UUID AGE = new UUID(0, 3);
  private static final UUID SOURCE = new UUID(1, 1);

  private static final Evidence EVIDENCE =
      new Evidence(
          new UUID(2, 1),
          new Passage(SOURCE, 4, 8, "wall", "The ", " was"),
          Stance.SUPPORTS,
          Origin.HAND_LINKED,
          1);
  private static final Comment REMARK =
      new Comment(
          new UUID(6, 1),
          AGE,
          new UUID(7, 1),
          Instant.parse("2026-05-01T10:00:00Z"),
          "Since when?",
          false);
  private static final Arrangement AROUND =
      new Arrangement(
          LayoutKind.RADIAL, LineForm.CURVE, Spacing.WIDE, LabelWidth.NARROW, new Fan(30, 270));
  private static final List<Extent> EXTENT = List.of(new Extent(SOURCE, new Span(0, 20)));

  /** Every kind of change there is, as one that can be applied to a map of a root alone. */
  private static Change everything() {
    Topic wall =
        Topic.of(
            WALL,
            Content.labelled("Wall")
                .withNote("Ask")
                .withLook(Look.NONE.styled(Style.inked(Colour.of(Ink.WOAD))))
                .withGloss(
                    g ->
                        g.withDefinition("A bank of earth.", true)
                            .withPhrase("kept by")
                            .withTags(List.of("agreed"))));
    return new Together(
        List.of(
            new TreeChange.AddBranch(
                ROOT,
                Place.FIRST,
                new Branch(
                    List.of(
                        wall.withChildren(List.of(AGE)),
                        Topic.labelled(AGE, "Age").withParent(WALL)))),
            new ContentChange.Relabel(WALL, "Old wall"),
            new ContentChange.Annotate(WALL, "Ask the warden"),
            new ContentChange.SetAside(WALL, true),
            new ContentChange.Refill(WALL, "It was.", List.of(), EXTENT),
            new EvidenceChange.Link(WALL, Place.LAST, EVIDENCE),
            new EvidenceChange.Judge(WALL, EVIDENCE.id(), Stance.DISPUTES),
            new EvidenceChange.Unlink(WALL, EVIDENCE.id()),
            new EvidenceChange.Link(AGE, new Place.Nth(0), EVIDENCE),
            new TreeChange.Move(AGE, ROOT, new Place.After(WALL)),
            new LinkChange.Connect(CrossLink.of(new UUID(3, 1), AGE, WALL, "weakens")),
            new LinkChange.Rephrase(new UUID(3, 1), "is that of"),
            new LinkChange.Reattach(new UUID(3, 1), WALL, AGE),
            new LinkChange.Qualify(new UUID(3, 1), new Manner(Manner.Direction.BOTH, true)),
            new LinkChange.Remark(new UUID(3, 1), "Since when?"),
            new LinkChange.Ground(new UUID(3, 1), List.of(EVIDENCE)),
            new LinkChange.Bow(new UUID(3, 1), new Bend(40, -12.5)),
            new LinkChange.Disconnect(new UUID(3, 1)),
            new ContentChange.Illustrate(
                AGE,
                List.of(
                    new Picture(
                        new UUID(8, 1), "ink/wall", "A wall", Picture.Where.ABOVE, 120, 0.75))),
            new ContentChange.DefineTopic(AGE, "Years since it was built.", false),
            new ContentChange.Lead(AGE, "has"),
            new ContentChange.Mark(AGE, List.of("open", "mine")),
            new LegendChange.Define(
                new Legend(List.of(new Tag("mine", "mine", "Not theirs.", "feather")))),
            new CommentChange.Say(REMARK),
            new CommentChange.Reword(new UUID(6, 1), "Since which year?"),
            new CommentChange.Settle(new UUID(6, 1), true),
            new CommentChange.Unsay(new UUID(6, 1)),
            new AlsoChange.Show(new Also(new UUID(5, 1), AGE, WALL)),
            new AlsoChange.Hide(new UUID(5, 1)),
            new LookChange.Paint(AGE, Look.NONE.styled(Style.inked(Colour.of(Ink.MADDER)))),
            new LookChange.Paint(AGE, Look.NONE.styled(GIVEN).below(Style.sized(TextSize.SMALL))),
            new LookChange.Paint(AGE, Look.NONE.off(new Look.Spot(320, -60.5)).wide(180)),
            new LookChange.Paint(WALL, Look.NONE.at(new Look.Spot(-40.5, 300)).arranged(AROUND)),
            new LookChange.Arrange(look()),
            new ShelfChange.Restore(new UUID(1, 2)),
            new ShelfChange.Retext(SOURCE, new UUID(4, 1), new UUID(4, 2)),
            new ShelfChange.Withdraw(new UUID(1, 2)),
            new TreeChange.RemoveBranch(AGE)));
  }

  private static final Style GIVEN =
      new Style(
          Typeface.NARROW,
          TextSize.LARGE,
          true,
          false,
          new Colour(null, 100, "#2b4c82"),
          Colour.of(Ink.OCHRE, 24),
          Outline.OVAL,
          new Stroke(Colour.of(Ink.MOSS), Strength.HEAVY, LineForm.CURVE, true));

  private static final List<Rule> RULES =
      List.of(
          new Rule(Rule.By.SUPPORT, "", Style.NONE, null, Rule.Each.GROUND),
          new Rule(Rule.By.WORDS, "wall", Style.sized(TextSize.LARGER), "mine", null));

  private static MapLook look() {
    return new MapLook(
        Arrangement.of(LayoutKind.BOTH_SIDES),
        MapTheme.VELLUM,
        false,
        MapLook.Crossing.TIES,
        true,
        new Paper(Grain.GRID, Colour.of(Ink.SLATE, 12), Strength.STRONG, Typeface.FINE, "Draft"),
        new Styles(List.of(Style.NONE, GIVEN), List.of(new NamedStyle("Loud", GIVEN)), RULES),
        List.of(WALL));
  }

  private static String golden(String name) throws IOException {
    try (InputStream in = ChangeJsonTest.class.getResourceAsStream(name)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8).strip();
    }
  }

  @Test
  void every_kind_of_change_is_read_as_it_was_written() {
    Change all = everything();
    assertThat(ChangeJson.read(ChangeJson.FORMAT, ChangeJson.write(all))).isEqualTo(all);
    TopicMap map = TopicMap.rootedAt(Topic.labelled(ROOT, "Marsh"));
    Applied done = map.apply(all);
    Change inverse = ChangeJson.read(ChangeJson.FORMAT, ChangeJson.write(done.inverse()));
    assertThat(done.map().apply(inverse).map()).isEqualTo(map);
  }

  @Test
  void the_sixth_format_is_what_its_golden_file_has() throws IOException {
    String file = golden("changes-6.json");
    assertThat(ChangeJson.write(everything())).isEqualTo(file);
    assertThat(ChangeJson.read(6, file)).isEqualTo(everything());
  }

  @Test
  void the_fifth_format_is_still_read_and_undone() throws IOException {
    Change change = ChangeJson.read(5, golden("changes-5.json"));
    TopicMap map = TopicMap.rootedAt(Topic.labelled(ROOT, "Marsh"));
    Applied done = map.apply(change);
    assertThat(change.parts())
        .contains(
            new LookChange.Paint(AGE, Look.NONE.styled(Style.inked(Colour.of(Ink.MADDER)))),
            new LookChange.Paint(WALL, Look.NONE.at(new Look.Spot(-40.5, 300)).arranged(AROUND)));
    assertThat(done.map().look().paper()).isEqualTo(Paper.NONE);
    assertThat(done.map().look().styles()).isEqualTo(Styles.NONE);
    assertThat(done.map().apply(done.inverse()).map()).isEqualTo(map);
  }

  @Test
  void the_fourth_format_is_still_read_and_undone() throws IOException {
    Change change = ChangeJson.read(4, golden("changes-4.json"));
    TopicMap map = TopicMap.rootedAt(Topic.labelled(ROOT, "Marsh"));
    Applied done = map.apply(change);
    assertThat(done.map().topic(WALL).content().look().arrangement()).isEqualTo(Arrangement.NONE);
    assertThat(done.map().look())
        .isEqualTo(
            new MapLook(
                Arrangement.of(LayoutKind.BOTH_SIDES),
                MapTheme.VELLUM,
                false,
                MapLook.Crossing.TIES,
                true,
                Paper.NONE,
                Styles.NONE,
                List.of()));
    assertThat(done.map().apply(done.inverse()).map()).isEqualTo(map);
  }

  @Test
  void the_third_format_is_still_read_and_undone() throws IOException {
    Change change = ChangeJson.read(3, golden("changes-3.json"));
    TopicMap map = TopicMap.rootedAt(Topic.labelled(ROOT, "Marsh"));
    Applied done = map.apply(change);
    assertThat(done.map().topic(WALL).content().gloss().pictures()).isEmpty();
    assertThat(done.map().look())
        .isEqualTo(
            new MapLook(
                Arrangement.of(LayoutKind.BOTH_SIDES),
                MapTheme.VELLUM,
                false,
                MapLook.Crossing.TIES,
                false,
                Paper.NONE,
                Styles.NONE,
                List.of()));
    assertThat(change.parts())
        .contains(new LinkChange.Connect(CrossLink.of(new UUID(3, 1), AGE, WALL, "weakens")));
    assertThat(done.map().apply(done.inverse()).map()).isEqualTo(map);
  }

  @Test
  void the_second_format_is_still_read_and_undone() throws IOException {
    Change change = ChangeJson.read(2, golden("changes-2.json"));
    TopicMap map = TopicMap.rootedAt(Topic.labelled(ROOT, "Marsh"));
    Applied done = map.apply(change);
    assertThat(done.map().topic(WALL).note()).isEqualTo("Ask the warden");
    assertThat(done.map().topic(WALL).content().gloss()).isEqualTo(Gloss.NONE);
    assertThat(done.map().look())
        .isEqualTo(
            new MapLook(
                Arrangement.of(LayoutKind.BOTH_SIDES),
                MapTheme.VELLUM,
                true,
                MapLook.Crossing.LINES,
                false,
                Paper.NONE,
                Styles.NONE,
                List.of()));
    assertThat(change.parts())
        .contains(new LinkChange.Connect(CrossLink.of(new UUID(3, 1), AGE, WALL, "weakens")));
    assertThat(done.map().apply(done.inverse()).map()).isEqualTo(map);
  }

  @Test
  void the_first_format_is_still_read_and_undone() throws IOException {
    Change change = ChangeJson.read(1, golden("changes-1.json"));
    TopicMap map = TopicMap.rootedAt(Topic.labelled(ROOT, "Marsh"));
    Applied done = map.apply(change);
    Topic wall = done.map().topic(WALL);
    assertThat(done.map().root().children()).containsExactly(AGE, WALL);
    assertThat(wall.label()).isEqualTo("Old wall");
    assertThat(wall.note()).isEqualTo("Ask");
    assertThat(wall.aside()).isTrue();
    assertThat(wall.evidence()).containsExactly(EVIDENCE);
    assertThat(wall.extent()).isEqualTo(EXTENT);
    assertThat(done.map().apply(done.inverse()).map()).isEqualTo(map);
  }
}
