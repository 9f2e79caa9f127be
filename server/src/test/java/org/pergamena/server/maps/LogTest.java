package org.pergamena.server.maps;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import jakarta.persistence.EntityManagerFactory;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.pergamena.core.map.Branch;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.LinkChange;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.Together;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.TreeChange;
import org.pergamena.server.maps.RevisionRow.Moment;
import org.pergamena.server.site.Refused;
import org.pergamena.server.testing.TestApplication;
import org.pergamena.server.visitors.Visitors;
import org.springframework.context.ApplicationContext;

/** The door for changes, with two people on one map. */
@ExtendWith(TestApplication.class)
class LogTest {
  private Maps maps;
  private Access access;
  private UUID ada;
  private UUID ben;
  private UUID map;
  private UUID root;

  @BeforeEach
  void begin(ApplicationContext application) {
    maps = application.getBean(Maps.class);
    access = application.getBean(Access.class);
    Visitors visitors = application.getBean(Visitors.class);
    ada = UUID.randomUUID();
    ben = UUID.randomUUID();
    visitors.ensure(ada);
    visitors.ensure(ben);
    map = maps.create(ada);
    root = maps.get(map).map().root().id();
  }

  private TopicMap change(UUID person, Change change) {
    return maps.change(Act.byHand(person, UUID.randomUUID()), map, now -> change).map();
  }

  private UUID add(UUID person, UUID parent, UUID after, String label) {
    Topic topic = Topic.labelled(UUID.randomUUID(), label);
    change(person, new TreeChange.AddBranch(parent, Place.after(after), Branch.of(topic)));
    return topic.id();
  }

  private void undo(UUID person) {
    maps.undo(Act.byHand(person, UUID.randomUUID()), map);
  }

  private List<String> labels() {
    TopicMap now = maps.get(map).map();
    return now.preorder().stream().skip(1).map(Topic::label).toList();
  }

  @Test
  void states_after_an_hours_work_and_after_many_topics_at_once_are_worth_going_back_to(
      ApplicationContext application) {
    UUID wall = add(ada, root, null, "Wall");
    change(ada, new ContentChange.Relabel(wall, "Old wall"));
    EntityManagerFactory entities = application.getBean(EntityManagerFactory.class);
    entities.runInTransaction(
        session ->
            session
                .createNativeQuery(
                    "update revision set made_at = made_at - interval '2 hours'"
                        + " where map_id = :map")
                .setParameter("map", map)
                .executeUpdate());
    change(ada, new ContentChange.Relabel(wall, "Bank"));
    change(ada, new ContentChange.Relabel(wall, "Dyke"));
    List<Change> many =
        IntStream.range(0, 10)
            .mapToObj(i -> Topic.labelled(UUID.randomUUID(), "Topic " + i))
            .map(t -> (Change) new TreeChange.AddBranch(root, Place.LAST, Branch.of(t)))
            .toList();
    change(ada, new Together(many));
    History history = application.getBean(History.class);
    assertThat(history.page(map, null, true, 10).entries())
        .extracting(History.Entry::number, History.Entry::moment)
        .containsExactly(tuple(5L, Moment.BROUGHT), tuple(3L, Moment.HOUR));
    assertThat(history.back(map, 2).past().topic(wall).label()).isEqualTo("Old wall");
  }

  @Test
  void each_person_undoes_what_they_did_themselves() {
    UUID wall = add(ada, root, null, "Wall");
    UUID birds = add(ben, root, wall, "Birds");
    change(ada, new ContentChange.Relabel(wall, "Old wall"));
    change(ben, new ContentChange.Relabel(birds, "Waders"));
    undo(ada);
    assertThat(labels()).containsExactly("Wall", "Waders");
    undo(ben);
    assertThat(labels()).containsExactly("Wall", "Birds");
    maps.redo(Act.byHand(ada, UUID.randomUUID()), map);
    assertThat(labels()).containsExactly("Old wall", "Birds");
  }

  @Test
  void what_somebody_else_has_changed_since_is_not_undone_and_the_change_before_it_is() {
    UUID wall = add(ada, root, null, "Wall");
    UUID birds = add(ada, root, wall, "Birds");
    change(ada, new ContentChange.Relabel(wall, "Old wall"));
    change(ben, new ContentChange.Relabel(wall, "Bank"));
    assertThatThrownBy(() -> undo(ada))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("Somebody else has changed the same");
    assertThat(labels()).containsExactly("Bank", "Birds");
    undo(ada);
    assertThat(labels()).as("the change before: adding Birds").containsExactly("Bank");
    assertThat(maps.get(map).map().has(birds)).isFalse();
  }

  @Test
  void undoing_never_takes_out_what_others_put_in() {
    UUID wall = add(ada, root, null, "Wall");
    add(ben, wall, null, "Age");
    assertThatThrownBy(() -> undo(ada)).isInstanceOf(Refused.class);
    assertThat(labels()).containsExactly("Wall", "Age");
  }

  @Test
  void an_edit_that_is_sent_again_is_applied_once() {
    UUID edit = UUID.randomUUID();
    Topic wall = Topic.labelled(UUID.randomUUID(), "Wall");
    Change add = new TreeChange.AddBranch(root, Place.FIRST, Branch.of(wall));
    long first = maps.change(Act.byHand(ada, edit), map, now -> add).revision();
    assertThat(maps.change(Act.byHand(ada, edit), map, now -> add).revision()).isEqualTo(first);
    add(ada, root, null, "Birds");
    UUID undo = UUID.randomUUID();
    maps.undo(Act.byHand(ada, undo), map);
    maps.undo(Act.byHand(ada, undo), map);
    assertThat(labels()).as("one undo, sent twice").containsExactly("Wall");
  }

  @Test
  void a_cross_link_goes_with_its_topic_and_comes_back_with_it() {
    UUID wall = add(ada, root, null, "Wall");
    UUID birds = add(ada, root, wall, "Birds");
    CrossLink link = CrossLink.of(UUID.randomUUID(), wall, birds, "keeps out");
    change(ada, new LinkChange.Connect(link));
    change(ada, new LinkChange.Rephrase(link.id(), "shelters"));
    change(ada, new TreeChange.RemoveBranch(birds));
    assertThat(maps.get(map).map().links()).isEmpty();
    undo(ada);
    assertThat(maps.get(map).map().links()).containsExactly(link.withPhrase("shelters"));
  }

  @Test
  void rights_are_one_question() {
    access.require(ada, map, Role.OWN);
    assertThatThrownBy(() -> access.require(ben, map, Role.READ)).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> access.require(ada, UUID.randomUUID(), Role.READ))
        .isInstanceOf(Refused.class);
  }
}
