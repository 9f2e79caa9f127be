package org.pergamena.server.maps;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Makes the sixth format of stored changes out of the fifth, in which a topic had an ink and
 * nothing else of its look, and a map neither paper nor looks and rules.
 */
final class FifthFormat {
  private static final String[] OTHERS = {
    "face", "size", "bold", "italic", "ink", "ground", "outline", "line"
  };

  private FifthFormat() {}

  static void renew(JsonNode change) {
    if (change instanceof ObjectNode object) {
      String type = object.path("type").asString();
      if (object.path("branch").path("topics") instanceof ArrayNode topics) {
        topics.forEach(topic -> restyle(topic.path("content").path("look")));
      }
      if ("paint".equals(type)) {
        restyle(object.path("look"));
      } else if ("arrange".equals(type) && object.path("look") instanceof ObjectNode look) {
        look.putObject("paper").put("watermark", "");
        ObjectNode styles = look.putObject("styles");
        styles.putArray("levels");
        styles.putArray("named");
        styles.putArray("rules");
        look.putArray("walk");
      }
      object.path("changes").forEach(FifthFormat::renew);
    }
  }

  private static void restyle(JsonNode look) {
    if (look instanceof ObjectNode object) {
      JsonNode ink = object.remove("ink");
      ObjectNode style = object.putObject("style");
      ObjectNode below = object.putObject("below");
      for (String other : OTHERS) {
        style.putNull(other);
        below.putNull(other);
      }
      if (ink != null) {
        style.set("ink", ink);
      }
    }
  }
}
