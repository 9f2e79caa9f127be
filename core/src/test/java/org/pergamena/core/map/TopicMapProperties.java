package org.pergamena.core.map;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.UUID;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.pergamena.core.source.Passage;

class TopicMapProperties {
  @Property(tries = 300)
  void any_changes_undone_in_reverse_give_back_the_same_map(
      @ForAll long seed, @ForAll @IntRange(min = 1, max = 60) int length) {
    Random random = new Random(seed);
    TopicMap first = Maps.marsh();
    TopicMap map = first;
    List<Change> inverses = new ArrayList<>();
    for (int i = 0; i < length; i++) {
      try {
        Applied applied = map.apply(change(map, random));
        requireTouched(map, applied);
        map = applied.map();
        inverses.add(0, applied.inverse());
      } catch (MapRuleException refused) {
        assertThat(refused.getMessage()).as("a refusal is a sentence").endsWith(".");
      }
      assertThat(
              TopicMap.of(
                  map.preorder(),
                  map.links(),
                  map.also(),
                  map.comments(),
                  map.look(),
                  map.legend(),
                  Map.of()))
          .as("the tree is valid")
          .isEqualTo(map);
    }
    for (Change inverse : inverses) {
      map = map.apply(inverse).map();
    }
    assertThat(map).isEqualTo(first);
  }

  /** What differs is what was said to be touched, the children of parents aside. */
  private static void requireTouched(TopicMap before, Applied applied) {
    TopicMap after = applied.map();
    for (Topic topic : before.preorder()) {
      boolean same =
          after.has(topic.id()) && after.topic(topic.id()).content().equals(topic.content());
      assertThat(same || applied.touched().topics().contains(topic.id())).isTrue();
      boolean stays =
          after.has(topic.id()) && Objects.equals(after.topic(topic.id()).parent(), topic.parent());
      assertThat(stays || applied.touched().subjects().contains(topic.id())).isTrue();
    }
    after.preorder().stream()
        .filter(topic -> !before.has(topic.id()))
        .forEach(topic -> assertThat(applied.touched().placed()).contains(topic.id()));
    List<CrossLink> apart = new ArrayList<>(before.links());
    apart.addAll(after.links());
    apart.removeIf(l -> l.equals(before.link(l.id())) && l.equals(after.link(l.id())));
    assertThat(apart).allMatch(link -> applied.touched().links().contains(link.id()));
  }

  @Property(tries = 100)
  void what_leads_from_one_state_to_another_leads_there_and_back(@ForAll long seed) {
    Random random = new Random(seed);
    TopicMap before = Maps.marsh();
    TopicMap map = before;
    for (int i = 0; i < 20; i++) {
      try {
        map = map.apply(change(map, random)).map();
      } catch (MapRuleException refused) {
        continue;
      }
    }
    Applied done = before.apply(TreeDiff.whole(before, map));
    assertThat(done.map()).isEqualTo(map);
    assertThat(done.map().apply(done.inverse()).map()).isEqualTo(before);
  }

  @Property(tries = 200)
  void undoing_an_inverse_does_the_change_again(@ForAll long seed) {
    Random random = new Random(seed);
    TopicMap map = Maps.marsh();
    for (int i = 0; i < 20; i++) {
      try {
        Applied done = map.apply(change(map, random));
        Applied undone = done.map().apply(done.inverse());
        assertThat(undone.map().apply(undone.inverse()).map()).isEqualTo(done.map());
        map = done.map();
      } catch (MapRuleException refused) {
        continue;
      }
    }
  }

  private static Change change(TopicMap map, Random random) {
    Topic topic = any(map, random);
    return switch (random.nextInt(36)) {
      case 0 -> new TreeChange.RemoveBranch(topic.id());
      case 1 -> new ContentChange.Relabel(topic.id(), "label " + random.nextInt(100));
      case 2 -> new ContentChange.Annotate(topic.id(), "note " + random.nextInt(100));
      case 3 -> new TreeChange.Move(topic.id(), any(map, random).id(), place(map, random));
      case 4 -> new EvidenceChange.Link(topic.id(), place(map, random), evidence(random));
      case 5 -> new EvidenceChange.Unlink(topic.id(), first(topic));
      case 6 -> new ContentChange.SetAside(topic.id(), random.nextBoolean());
      case 7 -> new LinkChange.Connect(link(topic, any(map, random), random));
      case 8 -> new LinkChange.Disconnect(anyLink(map, random));
      case 9 -> new LinkChange.Rephrase(anyLink(map, random), "phrase " + random.nextInt(9));
      case 10 -> new LookChange.Paint(topic.id(), painted(random));
      case 11 -> new LookChange.Arrange(look(random));
      case 12 -> shelf(random);
      case 14 -> new Regrouping(map).merge(topic.id(), List.of(any(map, random).id()));
      case 15 -> new Regrouping(map).between(List.of(topic.id()), added(random));
      case 16 ->
          new Regrouping(map).sorted(topic.id(), Regrouping.Order.values()[random.nextInt(3)]);
      case 17 -> new Regrouping(map).passages(topic.id(), List.of(first(topic)), topic.id());
      case 18 ->
          new Regrouping(map)
              .split(topic.id(), List.of(first(topic)), added(random), random.nextBoolean());
      case 19 -> new ContentChange.DefineTopic(topic.id(), "means", random.nextBoolean());
      case 20 -> new ContentChange.Lead(topic.id(), "leads " + random.nextInt(9));
      case 21 -> new ContentChange.Mark(topic.id(), List.of("agreed", "tag " + random.nextInt(9)));
      case 22 -> LegendChange.defined(map, legend(random));
      case 23 -> new LinkChange.Reattach(anyLink(map, random), topic.id(), any(map, random).id());
      case 24 ->
          new LinkChange.Qualify(
              anyLink(map, random),
              new Manner(Manner.Direction.values()[random.nextInt(3)], random.nextBoolean()));
      case 25 ->
          new AlsoChange.Show(
              new Also(
                  new UUID(random.nextLong(), random.nextLong()),
                  topic.id(),
                  any(map, random).id()));
      case 26 -> new AlsoChange.Hide(anyAlso(map, random));
      case 27 -> new LookChange.Paint(topic.id(), Look.NONE.at(new Look.Spot(3, -7)));
      case 28 -> new CommentChange.Say(comment(topic, random));
      case 29 -> new CommentChange.Settle(firstComment(map), true);
      case 30 -> new CommentChange.Unsay(firstComment(map));
      case 31 -> new ContentChange.Illustrate(topic.id(), List.of(picture(random)));
      case 32 -> new LinkChange.Ground(anyLink(map, random), List.of(evidence(random)));
      case 33 ->
          new LinkChange.Bow(
              anyLink(map, random), random.nextBoolean() ? null : new Bend(random.nextInt(99), 4));
      case 13 ->
          new Together(
              List.of(
                  new ContentChange.Annotate(topic.id(), "both"),
                  new ContentChange.Refill(
                      topic.id(), "sum", List.of(evidence(random)), List.of())));
      default -> {
        UUID id = new UUID(random.nextLong(), random.nextLong());
        Branch branch = Branch.of(Topic.labelled(id, "new " + random.nextInt(100)));
        yield new TreeChange.AddBranch(topic.id(), place(map, random), branch);
      }
    };
  }

  private static Look painted(Random random) {
    Style style = Style.inked(Colour.of(Ink.values()[random.nextInt(8)], 1 + random.nextInt(100)));
    Look look = random.nextBoolean() ? Look.NONE.styled(style) : Look.NONE.below(style);
    return random.nextBoolean() ? look : look.off(new Look.Spot(random.nextInt(99), -4)).wide(90);
  }

  private static MapLook look(Random random) {
    Style small = Style.sized(TextSize.SMALL);
    Rule rule = new Rule(Rule.By.WORDS, "label", small, null, null);
    return new MapLook(
        Arrangement.of(LayoutKind.values()[random.nextInt(9)]),
        MapTheme.values()[random.nextInt(6)],
        random.nextBoolean(),
        MapLook.Crossing.values()[random.nextInt(3)],
        random.nextBoolean(),
        new Paper(Grain.values()[random.nextInt(4)], null, null, null, "mark"),
        new Styles(List.of(small), List.of(), List.of(rule)),
        List.of());
  }

  private static UUID firstComment(TopicMap map) {
    return map.comments().isEmpty() ? Maps.id("none") : map.comments().get(0).id();
  }

  private static Picture picture(Random random) {
    UUID id = new UUID(random.nextLong(), random.nextLong());
    Picture.Where where = Picture.Where.values()[random.nextInt(4)];
    return new Picture(id, "image " + random.nextInt(9), "", where, 40 + random.nextInt(99), 0.5);
  }

  private static UUID anyAlso(TopicMap map, Random random) {
    return map.also().isEmpty()
        ? Maps.id("none")
        : map.also().get(random.nextInt(map.also().size())).id();
  }

  private static Comment comment(Topic topic, Random random) {
    UUID id = new UUID(random.nextLong(), random.nextLong());
    Instant at = Instant.ofEpochSecond(random.nextInt(1_000_000));
    return new Comment(id, topic.id(), Maps.id("me"), at, "Is it so?", random.nextBoolean());
  }

  private static Legend legend(Random random) {
    return new Legend(List.of(new Tag("tag " + random.nextInt(9), "word", "", "leaf")));
  }

  private static Topic added(Random random) {
    return Topic.labelled(new UUID(random.nextLong(), random.nextLong()), "added");
  }

  private static Change shelf(Random random) {
    UUID source = Maps.id("source");
    return switch (random.nextInt(3)) {
      case 0 -> new ShelfChange.Withdraw(source);
      case 1 -> new ShelfChange.Restore(Maps.id("another source"));
      default -> new ShelfChange.Retext(source, Maps.id("one text"), Maps.id("other text"));
    };
  }

  private static Place place(TopicMap map, Random random) {
    return switch (random.nextInt(4)) {
      case 0 -> Place.FIRST;
      case 1 -> Place.LAST;
      case 2 -> new Place.Nth(random.nextInt(4));
      default -> new Place.After(any(map, random).id());
    };
  }

  private static CrossLink link(Topic from, Topic to, Random random) {
    UUID id = new UUID(random.nextLong(), random.nextLong());
    return CrossLink.of(id, from.id(), to.equals(from) ? id : to.id(), "leads to");
  }

  private static UUID anyLink(TopicMap map, Random random) {
    List<CrossLink> links = map.links();
    return links.isEmpty() ? map.root().id() : links.get(random.nextInt(links.size())).id();
  }

  private static Topic any(TopicMap map, Random random) {
    List<Topic> topics = map.preorder();
    return topics.get(random.nextInt(topics.size()));
  }

  private static UUID first(Topic topic) {
    return topic.evidence().isEmpty() ? topic.id() : topic.evidence().get(0).id();
  }

  private static Evidence evidence(Random random) {
    int start = random.nextInt(50);
    Passage passage =
        new Passage(Maps.id("source"), start, start + 5, "words", "before ", " after");
    return new Evidence(
        new UUID(random.nextLong(), random.nextLong()),
        passage,
        Stance.SUPPORTS,
        Origin.HAND_LINKED,
        1);
  }
}
