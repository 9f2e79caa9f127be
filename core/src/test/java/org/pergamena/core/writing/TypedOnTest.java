package org.pergamena.core.writing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.map.Branch;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TreeChange;

class TypedOnTest {
  private static final UUID ROOT = new UUID(0, 1);
  private static final UUID TOPIC = new UUID(0, 2);

  @Test
  void the_same_field_written_again_is_one_change() {
    Change later = new ContentChange.Annotate(TOPIC, "Silt and sand");
    assertThat(TypedOn.of(new ContentChange.Annotate(TOPIC, "Silt"), later)).contains(later);
  }

  @Test
  void a_topic_that_is_being_named_is_added_with_the_name() {
    Change add =
        new TreeChange.AddBranch(ROOT, Place.LAST, Branch.of(Topic.labelled(TOPIC, "Cre")));
    assertThat(TypedOn.of(add, new ContentChange.Relabel(TOPIC, "Creeks ")))
        .contains(
            new TreeChange.AddBranch(ROOT, Place.LAST, Branch.of(Topic.labelled(TOPIC, "Creeks"))));
    assertThat(TypedOn.of(add, new ContentChange.Relabel(ROOT, "Creeks"))).isEmpty();
  }

  @Test
  void other_fields_and_other_topics_are_changes_of_their_own() {
    Change note = new ContentChange.Annotate(TOPIC, "Silt");
    assertThat(TypedOn.of(note, new ContentChange.Annotate(ROOT, "Silt"))).isEmpty();
    assertThat(TypedOn.of(note, new ContentChange.Relabel(TOPIC, "Silt"))).isEmpty();
    Change remove = new TreeChange.RemoveBranch(TOPIC);
    assertThat(TypedOn.of(remove, remove)).isEmpty();
  }
}
