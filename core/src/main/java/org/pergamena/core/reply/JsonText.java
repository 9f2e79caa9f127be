package org.pergamena.core.reply;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.pergamena.core.reply.Reply.Why;
import org.pergamena.core.reply.Sheet.Row;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.ObjectReadContext;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.core.json.JsonReadFeature;

/** Reads JSON (RFC 8259) out of a reply as far as it goes, also where it is broken or cut off. */
final class JsonText {
  private static final Pattern START =
      Pattern.compile(
          "\\s*(\\{\\s*(\"|'|$|[\\w-]{1,40}\\s*:)|\\[\\s*(\"|'|\\{|\\[|$)).*", Pattern.DOTALL);
  private static final int DEEPEST = 100;

  private static final JsonFactory FACTORY =
      JsonFactory.builder()
          .enable(JsonReadFeature.ALLOW_TRAILING_COMMA)
          .enable(JsonReadFeature.ALLOW_JAVA_COMMENTS)
          .enable(JsonReadFeature.ALLOW_SINGLE_QUOTES)
          .enable(JsonReadFeature.ALLOW_UNQUOTED_PROPERTY_NAMES)
          .enable(JsonReadFeature.ALLOW_BACKSLASH_ESCAPING_ANY_CHARACTER)
          .streamReadConstraints(StreamReadConstraints.builder().maxNestingDepth(DEEPEST).build())
          .build();

  /**
   * A value.
   *
   * @param key under which it stands in an object, or null
   * @param text of a plain value, else null
   * @param entries of an object or an array
   */
  record Node(int line, String key, String text, boolean object, List<Node> entries) {
    boolean plain() {
      return text != null;
    }
  }

  private final Deque<Node> open = new ArrayDeque<>();
  private Node root;
  private String key;
  private boolean whole;
  private int last;
  private int failed;

  private JsonText() {}

  static boolean at(List<Row> rows, int i) {
    String text = rows.get(i).text();
    return START.matcher(text.length() > 200 ? text.substring(0, 200) : text).matches();
  }

  /** Reads the value that begins at a row; the row after it, or the row if nothing was read. */
  static int read(List<Row> rows, int from, Sheet sheet) {
    if (!at(rows, from)) {
      return from;
    }
    List<Row> rest = rows.subList(from, rows.size());
    String text = rest.stream().map(Row::text).collect(Collectors.joining("\n"));
    JsonText json = new JsonText();
    json.parse(text);
    boolean mended = false;
    if (!json.whole) {
      JsonText again = new JsonText();
      again.parse(withCommas(text));
      if (again.whole) {
        json = again;
        mended = true;
      }
    }
    if (json.root == null || json.root.entries().isEmpty()) {
      return from;
    }
    int first = rest.get(0).number();
    if (mended) {
      sheet.repair(first, "commas are missing in the JSON, put in");
    }
    int end = json.whole ? json.last : json.failed - 1;
    JsonReader.read(json.root, rest, sheet);
    if (!json.whole) {
      int broken = Math.min(rest.size(), Math.max(json.failed, 1));
      sheet.repair(
          rest.get(broken - 1).number(),
          "the JSON breaks off or is broken here, what stands before it was taken");
      sheet.leave(rest.subList(broken - 1, rest.size()), Why.UNREAD);
      return rows.size();
    }
    return from + Math.max(1, end);
  }

  /** The same with commas between lines where one value ends and another begins. */
  private static String withCommas(String text) {
    return text.replaceAll("([\"\\]}])[ \\t]{0,20}\\n(\\s{0,200})(?=[\"{\\[])", "$1,\n$2");
  }

  private void parse(String text) {
    try (JsonParser parser = FACTORY.createParser(ObjectReadContext.empty(), text)) {
      JsonToken token = parser.nextToken();
      while (token != null && !whole) {
        take(token, parser);
        last = parser.currentLocation().getLineNr();
        token = whole ? null : parser.nextToken();
      }
      failed = last;
    } catch (JacksonException e) {
      failed =
          e.getLocation() == null ? Math.max(last, 1) : Math.max(1, e.getLocation().getLineNr());
    }
  }

  private void take(JsonToken token, JsonParser parser) {
    int line = parser.currentTokenLocation().getLineNr();
    switch (token) {
      case PROPERTY_NAME -> key = parser.currentName();
      case START_OBJECT, START_ARRAY -> {
        Node node = new Node(line, key, null, token == JsonToken.START_OBJECT, new ArrayList<>());
        add(node);
        open.push(node);
        key = null;
      }
      case END_OBJECT, END_ARRAY -> {
        open.pop();
        whole = open.isEmpty();
      }
      default -> add(new Node(line, key, value(token, parser), false, List.of()));
    }
  }

  private static String value(JsonToken token, JsonParser parser) {
    return token == JsonToken.VALUE_NULL ? "" : parser.getString();
  }

  private void add(Node node) {
    if (open.isEmpty()) {
      root = node;
    } else {
      open.peek().entries().add(node);
    }
    key = null;
  }
}
