package org.pergamena.server.maps;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.EntityManagerFactory;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.hibernate.SessionFactory;
import org.hibernate.stat.Statistics;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.Isolated;
import org.pergamena.core.map.Branch;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.Together;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TreeChange;
import org.pergamena.server.testing.TestApplication;
import org.pergamena.server.visitors.Visitors;
import org.springframework.context.ApplicationContext;

/** What an edit and a load cost the database does not grow with the map. */
@ExtendWith(TestApplication.class)
@Isolated("it counts statements")
class CostTest {
  private static final int LARGE = 2000;

  private Maps maps;
  private Statistics statistics;
  private UUID person;

  @BeforeEach
  void begin(ApplicationContext application) {
    maps = application.getBean(Maps.class);
    person = UUID.randomUUID();
    application.getBean(Visitors.class).ensure(person);
    statistics =
        application
            .getBean(EntityManagerFactory.class)
            .unwrap(SessionFactory.class)
            .getStatistics();
  }

  private UUID map(int topics) {
    UUID map = maps.create(person);
    UUID root = maps.get(map).map().root().id();
    List<Change> changes = new ArrayList<>();
    UUID parent = root;
    for (int i = 0; i < topics; i++) {
      Topic topic = Topic.labelled(UUID.randomUUID(), "Topic " + i);
      parent = i % 20 == 0 ? root : parent;
      changes.add(new TreeChange.AddBranch(parent, Place.LAST, Branch.of(topic)));
      parent = i % 20 == 0 ? topic.id() : parent;
    }
    change(map, new Together(changes));
    return map;
  }

  private void change(UUID map, Change change) {
    maps.change(Act.byHand(person, UUID.randomUUID()), map, now -> change);
  }

  /** Statements that something takes; jobs of other tests may add some, so the least of five. */
  private long statements(Runnable work) {
    long least = Long.MAX_VALUE;
    for (int i = 0; i < 5; i++) {
      long before = statistics.getPrepareStatementCount();
      work.run();
      least = Math.min(least, statistics.getPrepareStatementCount() - before);
    }
    return least;
  }

  @Test
  void an_edit_takes_as_many_statements_on_a_large_map_as_on_a_small_one() {
    UUID small = map(3);
    UUID large = map(LARGE);
    assertThat(statements(() -> rename(large)))
        .isEqualTo(statements(() -> rename(small)))
        .isLessThanOrEqualTo(12);
    assertThat(statements(() -> add(large))).isEqualTo(statements(() -> add(small)));
    assertThat(statements(() -> move(large))).isEqualTo(statements(() -> move(small)));
  }

  private void rename(UUID map) {
    Topic first = first(map);
    change(map, new ContentChange.Relabel(first.id(), "Name " + UUID.randomUUID()));
  }

  private void add(UUID map) {
    Topic topic = Topic.labelled(UUID.randomUUID(), "New");
    UUID root = maps.get(map).map().root().id();
    change(map, new TreeChange.AddBranch(root, Place.FIRST, Branch.of(topic)));
  }

  private void move(UUID map) {
    change(map, new TreeChange.Move(first(map).id(), maps.get(map).map().root().id(), Place.LAST));
  }

  private Topic first(UUID map) {
    return maps.get(map).map().preorder().get(1);
  }
}
