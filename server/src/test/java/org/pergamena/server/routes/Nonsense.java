package org.pergamena.server.routes;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import tools.jackson.databind.JsonNode;

/** Makes up values that a schema allows, and now and then some that it does not. */
final class Nonsense {
  private static final List<String> STRINGS =
      List.of(
          "",
          " ",
          "wall",
          "\0",
          "a\0b",
          "\ud800",
          "\udc00x",
          "\u202egnp.exe",
          "../../etc/passwd",
          "\n\n",
          "'; drop table map; --",
          "<script>alert(1)</script>",
          "{}",
          "null",
          "-1",
          "99999999999999999999",
          "1e400",
          "2026-02-30T25:61:00Z",
          "http://127.0.0.1:1/",
          "[see @nobody, p. 12]",
          "\ud83c\udf0a",
          "%00",
          "x".repeat(300),
          "word ".repeat(5_000));
  private static final List<Number> NUMBERS =
      List.of(
          0, 1, 2, -1, 7, 100, Integer.MAX_VALUE, Integer.MIN_VALUE, Long.MAX_VALUE, 0.5, 1e300);
  private static final int DEEPEST = 6;

  private final Random random;
  private final JsonNode schemas;
  private final Map<String, List<String>> known = new HashMap<>();

  Nonsense(Random random, JsonNode schemas) {
    this.random = random;
    this.schemas = schemas;
  }

  /** Something that is there, by which parameters and properties of that name are called. */
  void know(String name, List<String> values) {
    known.put(name, values);
  }

  boolean chance(double share) {
    return random.nextDouble() < share;
  }

  <T> T one(List<T> of) {
    return of.get(random.nextInt(of.size()));
  }

  String string() {
    return one(STRINGS);
  }

  byte[] bytes() {
    byte[] bytes = new byte[random.nextInt(400)];
    random.nextBytes(bytes);
    return bytes;
  }

  /** A value for a parameter or property. */
  Object value(String name, JsonNode given, int depth) {
    JsonNode schema = resolved(given);
    if (chance(0.04)) {
      return chance(0.5) ? null : one(List.of("", 7, List.of(), Map.of(), true));
    }
    if (known.containsKey(name) && chance(0.8)) {
      return one(known.get(name));
    }
    if (depth > DEEPEST) {
      return null;
    }
    if (schema.has("oneOf")) {
      return value(name, one(schema.get("oneOf").valueStream().toList()), depth);
    }
    if (schema.has("enum")) {
      return chance(0.9) ? one(schema.get("enum").valueStream().toList()).asString() : string();
    }
    return switch (type(schema)) {
      case "string" -> "uuid".equals(schema.path("format").asString()) ? identity() : string();
      case "integer", "number" -> one(NUMBERS);
      case "boolean" -> chance(0.5);
      case "array" -> list(name, schema, depth);
      default -> object(schema, depth);
    };
  }

  private String identity() {
    List<String> all = known.values().stream().flatMap(List::stream).toList();
    return chance(0.1) ? string() : chance(0.2) ? UUID.randomUUID().toString() : one(all);
  }

  private List<Object> list(String name, JsonNode schema, int depth) {
    int length = chance(0.03) ? 3_000 : random.nextInt(4);
    List<Object> list = new ArrayList<>();
    for (int i = 0; i < length; i++) {
      list.add(value(name, schema.get("items"), depth + 1));
    }
    return list;
  }

  private Map<String, Object> object(JsonNode schema, int depth) {
    Map<String, Object> object = new LinkedHashMap<>();
    for (JsonNode part : schema.path("allOf")) {
      object.putAll(object(resolved(part), depth));
    }
    JsonNode properties = schema.path("properties");
    for (String property : properties.propertyNames()) {
      if (chance(0.93)) {
        object.put(property, value(property, properties.get(property), depth + 1));
      }
    }
    if (schema.path("additionalProperties").isObject()) {
      object.put(string(), value("", schema.get("additionalProperties"), depth + 1));
    }
    return object;
  }

  /** The kind of edit that a schema of one kind is for, by its name. */
  private JsonNode resolved(JsonNode schema) {
    String to = schema.path("$ref").asString("");
    return to.isEmpty() ? schema : resolved(schemas.get(to.substring(to.lastIndexOf('/') + 1)));
  }

  private String type(JsonNode schema) {
    JsonNode type = schema.path("type");
    if (type.isArray()) {
      return type.valueStream()
          .map(JsonNode::asString)
          .filter(t -> !t.equals("null") || chance(0.2))
          .findFirst()
          .orElse("object");
    }
    return type.asString("object");
  }
}
