package org.pergamena.e2e;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Every action that is offered, by touch. */
@ExtendWith(Browsing.class)
class ActionsByTouchTest {
  @Test
  void each_action_on_a_topic(@Window(touched = true) DeskPage desk) {
    Actions.onTopic(desk, Hand.TOUCH);
  }

  @Test
  void each_action_on_several_topics(@Window(touched = true) DeskPage desk) {
    Actions.onSeveral(desk, Hand.TOUCH);
  }

  @Test
  void each_action_on_a_link(@Window(touched = true) DeskPage desk) {
    Actions.onLink(desk, Hand.TOUCH);
  }

  @Test
  void each_action_on_the_map_and_on_maps(@Window(touched = true) DeskPage desk) {
    Actions.onMap(desk, Hand.TOUCH);
  }

  @Test
  void each_control_on_the_desk(@Window(touched = true) DeskPage desk) {
    Actions.elsewhere(desk, Hand.TOUCH);
  }
}
