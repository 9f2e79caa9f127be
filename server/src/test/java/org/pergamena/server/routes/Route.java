package org.pergamena.server.routes;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import tools.jackson.databind.JsonNode;

/**
 * A route as the description of the API tells it.
 *
 * @param path with the names of its parameters in braces
 * @param parameters of path and query
 * @param body the schema of its body, missing if it has none
 * @param type media type of the body, empty without one
 * @param streams whether its answer does not end
 */
record Route(
    String method,
    String path,
    List<JsonNode> parameters,
    JsonNode body,
    String type,
    boolean streams) {

  /** All routes of a description. */
  static List<Route> of(JsonNode api) {
    List<Route> routes = new ArrayList<>();
    for (String path : api.get("paths").propertyNames()) {
      JsonNode methods = api.get("paths").get(path);
      for (String method : methods.propertyNames()) {
        JsonNode operation = methods.get(method);
        JsonNode content = operation.at("/requestBody/content");
        String type = content.isMissingNode() ? "" : content.propertyNames().iterator().next();
        routes.add(
            new Route(
                method.toUpperCase(Locale.ROOT),
                path,
                List.copyOf(operation.path("parameters").valueStream().toList()),
                type.isEmpty() ? content : content.get(type).get("schema"),
                type,
                operation.toString().contains("text/event-stream")));
      }
    }
    return routes;
  }

  @Override
  public String toString() {
    return method + " " + path;
  }
}
