package org.pergamena.server.maps;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Makes the second format of stored changes out of the first, in which places were numbers and a
 * topic carried its fields itself.
 */
final class FirstFormat {
  private static final String[] CONTENT = {
    "label", "note", "summary", "evidence", "extent", "aside"
  };

  private FirstFormat() {}

  static void renew(JsonNode change) {
    if (change instanceof ObjectNode object) {
      if (object.has("index")) {
        ObjectNode place = object.putObject("place");
        place.put("at", "nth");
        place.put("index", object.remove("index").asInt());
      }
      if (object.path("branch").path("topics") instanceof ArrayNode topics) {
        topics.forEach(topic -> gather((ObjectNode) topic));
      }
      object.path("changes").forEach(FirstFormat::renew);
    }
  }

  private static void gather(ObjectNode topic) {
    ObjectNode content = topic.objectNode();
    for (String field : CONTENT) {
      if (topic.has(field)) {
        content.set(field, topic.remove(field));
      }
    }
    if (!content.has("aside")) {
      content.put("aside", false);
    }
    content.putObject("look").putNull("ink");
    topic.set("content", content);
  }
}
