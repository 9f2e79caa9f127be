package org.pergamena.formats.transcript;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.TextNode;
import org.jsoup.parser.Parser;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.UnreadableException;

/** Reads timed text (W3C TTML 2, 2018): its paragraphs with the times that they begin and end. */
public final class TtmlReader {
  private static final Pattern CLOCK =
      Pattern.compile("(\\d+):(\\d{2}):(\\d{2})(?:\\.(\\d{1,3})\\d*|:\\d+)?");
  private static final Pattern OFFSET = Pattern.compile("(\\d+(?:\\.\\d+)?)(h|m|s|ms)");

  private static final Pattern ELEMENT = Pattern.compile("<(?:\\w+:)?(\\w+)");

  private TtmlReader() {}

  /** Whether a text is timed text: XML with the root {@code tt}. */
  public static boolean isTtml(String text) {
    Matcher first = ELEMENT.matcher(text.substring(0, Math.min(text.length(), 2000)));
    return text.stripLeading().startsWith("<") && first.find() && first.group(1).equals("tt");
  }

  /**
   * Reads the paragraphs that have times. Entities are not expanded and nothing is fetched.
   *
   * @throws UnreadableException if no paragraph has a time that is understood
   */
  public static ReadSource read(String xml) throws UnreadableException {
    Document document = Jsoup.parse(xml, "", Parser.xmlParser());
    List<Cue> cues = new ArrayList<>();
    String speaker = null;
    for (Element paragraph : document.getAllElements()) {
      Optional<Long> begin = time(paragraph.attr("begin"));
      boolean timed = paragraph.normalName().matches("(\\w+:)?p") && begin.isPresent();
      if (timed) {
        paragraph.select("br").forEach(br -> br.replaceWith(new TextNode(" ")));
        long start = begin.get();
        long end = time(paragraph.attr("end")).orElse(start);
        Cue cue = CueParser.spoken(start, Math.max(start, end), paragraph.text(), speaker);
        speaker = cue.speaker();
        cues.add(cue);
      }
    }
    if (cues.isEmpty()) {
      throw new UnreadableException(
          "No paragraph of this timed text has a time that is understood, like"
              + " begin=\"00:01:02.000\". Save it as WebVTT and add it again.");
    }
    return TranscriptReader.joined(cues, "");
  }

  /** Milliseconds of a clock time or an offset. */
  private static Optional<Long> time(String text) {
    Matcher clock = CLOCK.matcher(text);
    if (clock.matches()) {
      long seconds =
          (Long.parseLong(clock.group(1)) * 60 + Long.parseLong(clock.group(2))) * 60
              + Long.parseLong(clock.group(3));
      String fraction = clock.group(4) == null ? "0" : (clock.group(4) + "00").substring(0, 3);
      return Optional.of(seconds * 1000 + Long.parseLong(fraction));
    }
    Matcher offset = OFFSET.matcher(text);
    if (!offset.matches()) {
      return Optional.empty();
    }
    double unit =
        switch (offset.group(2)) {
          case "h" -> 3_600_000;
          case "m" -> 60_000;
          case "s" -> 1000;
          default -> 1;
        };
    return Optional.of(Math.round(Double.parseDouble(offset.group(1)) * unit));
  }
}
