package org.pergamena.e2e;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Every action that is offered, by the pointer. */
@ExtendWith(Browsing.class)
class ActionsByPointerTest {
  @Test
  void each_action_on_a_topic(DeskPage desk) {
    Actions.onTopic(desk, Hand.POINTER);
  }

  @Test
  void each_action_on_several_topics(DeskPage desk) {
    Actions.onSeveral(desk, Hand.POINTER);
  }

  @Test
  void each_action_on_a_link(DeskPage desk) {
    Actions.onLink(desk, Hand.POINTER);
  }

  @Test
  void each_action_on_the_map_and_on_maps(DeskPage desk) {
    Actions.onMap(desk, Hand.POINTER);
  }

  @Test
  void each_control_on_the_desk(DeskPage desk) {
    Actions.elsewhere(desk, Hand.POINTER);
  }

  @Test
  void each_control_in_the_sheets_of_the_map(DeskPage desk) {
    Actions.inSheets(desk, Hand.POINTER);
  }
}
