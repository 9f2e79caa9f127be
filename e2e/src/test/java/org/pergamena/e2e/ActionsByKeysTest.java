package org.pergamena.e2e;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Every action that is offered, by keys. */
@ExtendWith(Browsing.class)
class ActionsByKeysTest {
  @Test
  void each_action_on_a_topic(DeskPage desk) {
    Actions.onTopic(desk, Hand.KEYS);
  }

  @Test
  void each_action_on_several_topics(DeskPage desk) {
    Actions.onSeveral(desk, Hand.KEYS);
  }

  @Test
  void each_action_on_a_link(DeskPage desk) {
    Actions.onLink(desk, Hand.KEYS);
  }

  @Test
  void each_action_on_the_map_and_on_maps(DeskPage desk) {
    Actions.onMap(desk, Hand.KEYS);
  }

  @Test
  void each_control_on_the_desk(DeskPage desk) {
    Actions.elsewhere(desk, Hand.KEYS);
  }
}
