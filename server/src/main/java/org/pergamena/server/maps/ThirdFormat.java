package org.pergamena.server.maps;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Makes the fourth format of stored changes out of the third, in which topics had no pictures,
 * cross-links neither passages nor a bend, and links were all of one colour.
 */
final class ThirdFormat {
  private ThirdFormat() {}

  static void renew(JsonNode change) {
    if (change instanceof ObjectNode object) {
      if (object.path("branch").path("topics") instanceof ArrayNode topics) {
        topics.forEach(
            topic -> ((ObjectNode) topic.path("content").path("gloss")).putArray("pictures"));
      }
      if ("connect".equals(object.path("type").asString())) {
        ObjectNode link = (ObjectNode) object.path("link");
        link.putArray("grounds");
        link.putNull("bend");
      } else if ("arrange".equals(object.path("type").asString())) {
        ((ObjectNode) object.path("look")).put("tinted", false);
      }
      object.path("changes").forEach(ThirdFormat::renew);
    }
  }
}
