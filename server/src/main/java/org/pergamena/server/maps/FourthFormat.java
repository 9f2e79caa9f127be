package org.pergamena.server.maps;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Makes the fifth format of stored changes out of the fourth, in which a map had one of two layouts
 * and a branch none of its own, and there was one theme.
 */
final class FourthFormat {
  private FourthFormat() {}

  static void renew(JsonNode change) {
    if (change instanceof ObjectNode object) {
      String type = object.path("type").asString();
      if (object.path("branch").path("topics") instanceof ArrayNode topics) {
        topics.forEach(topic -> arrange(topic.path("content").path("look"), null));
      }
      if ("paint".equals(type)) {
        arrange(object.path("look"), null);
      } else if ("arrange".equals(type) && object.path("look") instanceof ObjectNode look) {
        arrange(look, look.remove("layout").asString());
        look.put("theme", "VELLUM");
      }
      object.path("changes").forEach(FourthFormat::renew);
    }
  }

  private static void arrange(JsonNode look, String layout) {
    if (look instanceof ObjectNode object) {
      ObjectNode arrangement = object.putObject("arrangement");
      arrangement.put("layout", layout);
      for (String other : new String[] {"lines", "spacing", "labels", "fan"}) {
        arrangement.putNull(other);
      }
    }
  }
}
