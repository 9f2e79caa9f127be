package org.pergamena.server.testing;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Predicate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Somebody who uses the application over HTTP, with cookies of their own. */
public final class TestVisitor {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private final String address;
  private final CookieManager cookies = new CookieManager();
  private final HttpClient client = HttpClient.newBuilder().cookieHandler(cookies).build();

  /** Comes to the page for the first time. */
  public TestVisitor(String address) {
    this.address = address;
    send("GET", "/api/session", null, null);
  }

  /** Another visitor of the same application. */
  public TestVisitor other() {
    return new TestVisitor(address);
  }

  /** An answer. */
  public record Answer(
      int status, Map<String, String> headers, Map<String, List<String>> allHeaders, byte[] bytes) {
    /** All values of a header, its name in small letters. */
    public List<String> all(String header) {
      return allHeaders.getOrDefault(header, List.of());
    }

    /** The body as text. */
    public String text() {
      return new String(bytes, StandardCharsets.UTF_8);
    }

    /** The body as JSON. */
    public JsonNode json() {
      return JSON.readTree(bytes);
    }

    /** The whole desk that came, as no state was named from which to tell what has changed. */
    public JsonNode desk() {
      return json().get("whole");
    }

    /** The sentence of a problem. */
    public String problem() {
      return json().path("detail").asString();
    }
  }

  /** Asks for something. */
  public Answer get(String path) {
    return send("GET", path, null, null);
  }

  /** Asks for some bytes of something, the last included. */
  public Answer getRange(String path, int first, int last) {
    return send("GET", path, null, null, "Range", "bytes=" + first + "-" + last);
  }

  /** Sends JSON. */
  public Answer post(String path, Object body) {
    return send(
        "POST", path, body == null ? null : JSON.writeValueAsBytes(body), "application/json");
  }

  /** Edits a map, under a fresh identity. */
  public Answer edit(UUID map, Map<String, ?> edit) {
    return edit(map, UUID.randomUUID(), edit);
  }

  /** Edits a map under an identity of the edit's own. */
  public Answer edit(UUID map, UUID id, Map<String, ?> edit) {
    return post("/api/maps/" + map + "/edits", Map.of("id", id, "edit", edit));
  }

  /** Adds a topic at the end of a parent's children; gives its identity. */
  public UUID add(UUID map, UUID parent, UUID after, String label) {
    UUID topic = UUID.randomUUID();
    Map<String, Object> add = new HashMap<>();
    add.put("type", "Add");
    add.put("topic", topic);
    add.put("parent", parent);
    add.put("after", after);
    add.put("label", label);
    Answer answer = edit(map, add);
    if (answer.status() != 200) {
      throw new AssertionError(answer.text());
    }
    return topic;
  }

  /** Undoes. */
  public Answer undo(UUID map) {
    return post("/api/maps/" + map + "/undo", Map.of("id", UUID.randomUUID()));
  }

  /** Does again. */
  public Answer redo(UUID map) {
    return post("/api/maps/" + map + "/redo", Map.of("id", UUID.randomUUID()));
  }

  /** Replaces something by JSON. */
  public Answer put(String path, Object body) {
    return send("PUT", path, JSON.writeValueAsBytes(body), "application/json");
  }

  /** Deletes something. */
  public Answer delete(String path) {
    return send("DELETE", path, null, null);
  }

  /** Uploads a file to a map; gives the source's identity. */
  public Answer upload(UUID map, String name, byte[] bytes) {
    return uploadTo("/api/maps/" + map + "/sources", name, bytes);
  }

  /** Uploads a file to a path. */
  public Answer uploadTo(String path, String name, byte[] bytes) {
    return uploadTo("POST", path, name, bytes);
  }

  /** Uploads a file to a path, by a method. */
  public Answer uploadTo(String method, String path, String name, byte[] bytes) {
    String boundary = "b" + UUID.randomUUID();
    byte[] head =
        ("--"
                + boundary
                + "\r\nContent-Disposition: form-data; name=\"file\"; filename=\""
                + name
                + "\"\r\nContent-Type: application/octet-stream\r\n\r\n")
            .getBytes(StandardCharsets.UTF_8);
    byte[] tail = ("\r\n--" + boundary + "--\r\n").getBytes(StandardCharsets.UTF_8);
    byte[] body = new byte[head.length + bytes.length + tail.length];
    System.arraycopy(head, 0, body, 0, head.length);
    System.arraycopy(bytes, 0, body, head.length, bytes.length);
    System.arraycopy(tail, 0, body, head.length + bytes.length, tail.length);
    return send(method, path, body, "multipart/form-data; boundary=" + boundary);
  }

  /** Uploads a file and waits until it has been read; gives the source's identity. */
  public String read(UUID map, String name, String text) {
    String id =
        upload(map, name, text.getBytes(StandardCharsets.UTF_8)).json().get("id").asString();
    deskWhen(
        map,
        desk ->
            desk.get("sources")
                .valueStream()
                .anyMatch(s -> s.get("id").asString().equals(id) && s.get("length").asInt() > 0));
    return id;
  }

  /** The first of the visitor's maps. */
  public UUID firstMap() {
    return UUID.fromString(get("/api/maps").json().get(0).get("id").asString());
  }

  /** Makes a new map. */
  public UUID newMap() {
    return UUID.fromString(post("/api/maps", null).json().get("id").asString());
  }

  /** The desk of a map. */
  public JsonNode desk(UUID map) {
    return get("/api/maps/" + map).json();
  }

  /** Waits until the desk is as it should be. */
  public JsonNode deskWhen(UUID map, Predicate<JsonNode> wanted) {
    long end = System.nanoTime() + Duration.ofMinutes(5).toNanos();
    JsonNode desk = desk(map);
    while (!wanted.test(desk)) {
      if (System.nanoTime() > end) {
        throw new AssertionError("the desk never became as it should: " + desk.toPrettyString());
      }
      pause();
      desk = desk(map);
    }
    return desk;
  }

  /** Has a map written as a file and takes it, or hears why not. */
  public Answer export(UUID map, String endingAndWish) {
    String path = "/api/maps/" + map + "/export/";
    Answer begun = post(path + endingAndWish, null);
    if (begun.status() != 202) {
      return begun;
    }
    String file = path + "files/" + begun.json().get("job").asString();
    long end = System.nanoTime() + Duration.ofMinutes(5).toNanos();
    Answer state = get(file + "/state");
    while (!state.json().get("state").asString().matches("DONE|FAILED|CANCELLED")) {
      if (System.nanoTime() > end) {
        throw new AssertionError("the file was never written: " + state.text());
      }
      pause();
      state = get(file + "/state");
    }
    return state.json().get("state").asString().equals("DONE") ? get(file) : state;
  }

  /** The address of a page of this application. */
  public String address() {
    return address;
  }

  /** What the browser keeps under a name, or null. */
  public String cookie(String name) {
    return cookies.getCookieStore().getCookies().stream()
        .filter(cookie -> cookie.getName().equals(name))
        .map(HttpCookie::getValue)
        .findFirst()
        .orElse(null);
  }

  /** Makes the browser keep nothing but this. */
  public void carry(String name, String value) {
    cookies.getCookieStore().removeAll();
    HttpCookie cookie = new HttpCookie(name, value);
    cookie.setPath("/");
    cookie.setVersion(0);
    cookie.setDomain(URI.create(address).getHost());
    cookies.getCookieStore().add(URI.create(address), cookie);
  }

  private static void pause() {
    try {
      Thread.sleep(50);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  /** Sends a request as it is. */
  public Answer send(
      String method, String path, byte[] body, String type, String... headersBeside) {
    BodyPublisher publisher =
        body == null ? BodyPublishers.noBody() : BodyPublishers.ofByteArray(body);
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(address + path)).method(method, publisher);
    if (type != null) {
      request.header("Content-Type", type);
    }
    if (headersBeside.length > 0) {
      request.headers(headersBeside);
    }
    String token = cookie("XSRF-TOKEN");
    if (token != null) {
      request.header("X-XSRF-TOKEN", token);
    }
    try {
      HttpResponse<byte[]> response =
          client.send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
      Map<String, String> headers = new java.util.TreeMap<>(String.CASE_INSENSITIVE_ORDER);
      response.headers().map().forEach((name, values) -> headers.put(name, values.get(0)));
      return new Answer(response.statusCode(), headers, response.headers().map(), response.body());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }
}
