package org.pergamena.core.map;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
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
      Change change = change(map, random);
      try {
        Applied applied = map.apply(change);
        map = applied.map();
        inverses.add(0, applied.inverse());
      } catch (MapRuleException refused) {
        assertThat(refused.getMessage()).as("a refusal is a sentence").endsWith(".");
      }
      assertThat(TopicMap.of(map.preorder())).as("the tree is valid").isEqualTo(map);
    }
    for (Change inverse : inverses) {
      map = map.apply(inverse).map();
    }
    assertThat(map).isEqualTo(first);
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
    return switch (random.nextInt(8)) {
      case 0 -> new Change.RemoveBranch(topic.id());
      case 1 -> new Change.Relabel(topic.id(), "label " + random.nextInt(100));
      case 2 -> new Change.Annotate(topic.id(), "note " + random.nextInt(100));
      case 3 -> new Change.Move(topic.id(), any(map, random).id(), random.nextInt(4));
      case 4 -> new Change.Link(topic.id(), random.nextInt(2), evidence(random));
      case 5 -> new Change.Unlink(topic.id(), first(topic));
      case 6 ->
          new Change.Together(
              List.of(
                  new Change.Annotate(topic.id(), "both"),
                  new Change.Refill(topic.id(), "sum", List.of(evidence(random)), List.of())));
      default -> {
        UUID id = new UUID(random.nextLong(), random.nextLong());
        Branch branch = Branch.of(Topic.labelled(id, "new " + random.nextInt(100)));
        yield new Change.AddBranch(topic.id(), random.nextInt(4), branch);
      }
    };
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
