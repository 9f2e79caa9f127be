package org.pergamena.server.maps;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Makes the third format of stored changes out of the second, in which topics had no gloss,
 * cross-links no manner and no note, looks no spot, and a map no more look than its layout.
 */
final class SecondFormat {
  private SecondFormat() {}

  static void renew(JsonNode change) {
    if (change instanceof ObjectNode object) {
      if (object.path("branch").path("topics") instanceof ArrayNode topics) {
        topics.forEach(topic -> gloss((ObjectNode) topic.path("content")));
      }
      if ("connect".equals(object.path("type").asString())) {
        ObjectNode link = (ObjectNode) object.path("link");
        link.putObject("manner").put("direction", "ONE").put("supposed", false);
        link.put("note", "");
      } else if ("paint".equals(object.path("type").asString())) {
        ((ObjectNode) object.path("look")).putNull("spot");
      } else if ("arrange".equals(object.path("type").asString())) {
        ((ObjectNode) object.path("look")).put("numbered", true).put("crossing", "LINES");
      }
      object.path("changes").forEach(SecondFormat::renew);
    }
  }

  private static void gloss(ObjectNode content) {
    ((ObjectNode) content.path("look")).putNull("spot");
    content
        .putObject("gloss")
        .put("definition", "")
        .put("pinned", false)
        .put("phrase", "")
        .putArray("tags");
  }
}
