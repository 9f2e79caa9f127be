package org.pergamena.core.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.pergamena.core.outline.Outline.Repair;

/**
 * A line of Markdown without its marks.
 *
 * @param links addresses that the line linked to
 * @param unclosed a mark that was opened and not closed, or null
 */
record Markup(String text, List<String> links, String unclosed) {
  private static final Pattern LINK = Pattern.compile("!?\\[([^\\]]*)]\\(([^)\\s]*)[^)]*\\)");
  private static final Pattern BARE = Pattern.compile("<(https?://[^>\\s]+)>");
  private static final Pattern HALF_LINK = Pattern.compile("\\[([^\\]]*)]\\([^)]*$");
  private static final Pattern BOX = Pattern.compile("^\\[[ xX]]\\s+");
  private static final List<String> MARKS = List.of("***", "**", "__", "~~", "`", "*", "_");

  static Markup of(String line) {
    List<String> links = new ArrayList<>();
    String text = BOX.matcher(line.strip()).replaceFirst("");
    Matcher link = LINK.matcher(text);
    text =
        link.replaceAll(
            found -> {
              links.add(found.group(2));
              return Matcher.quoteReplacement(found.group(1));
            });
    text =
        BARE.matcher(text)
            .replaceAll(
                found -> {
                  links.add(found.group(1));
                  return Matcher.quoteReplacement(found.group(1));
                });
    String unclosed = null;
    Matcher half = HALF_LINK.matcher(text);
    if (half.find()) {
      unclosed = "[\u2026](";
      text = text.substring(0, half.start()) + half.group(1);
    }
    for (String mark : MARKS) {
      String quoted = Pattern.quote(mark);
      String edge = mark.equals("_") ? "(?<![\\p{L}\\p{N}])" : "";
      String end = mark.equals("_") ? "(?![\\p{L}\\p{N}])" : "";
      text = text.replaceAll(edge + quoted + "(?=\\S)(.+?)(?<=\\S)" + quoted + end, "$1");
      if (!mark.equals("_") && text.contains(mark) && !text.contains(" " + mark + " ")) {
        unclosed = unclosed == null ? mark : unclosed;
        text = text.replace(mark, "");
      }
    }
    return new Markup(text.strip().replaceAll("\\s+", " "), List.copyOf(links), unclosed);
  }

  Optional<Repair> repair(int line) {
    return Optional.ofNullable(unclosed)
        .map(mark -> new Repair(line, "\"" + mark + "\" is not closed, taken away"));
  }

  /** The addresses as lines of a note. */
  String linksOnOwnLines() {
    StringBuilder lines = new StringBuilder();
    links.stream().filter(l -> !l.isBlank()).forEach(l -> lines.append('\n').append(l));
    return lines.toString();
  }
}
