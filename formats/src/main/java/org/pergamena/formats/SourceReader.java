package org.pergamena.formats;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.DoubleConsumer;
import org.apache.tika.detect.DefaultDetector;
import org.apache.tika.detect.Detector;
import org.apache.tika.io.TikaInputStream;
import org.apache.tika.metadata.Metadata;
import org.pergamena.formats.document.OfficeReader;
import org.pergamena.formats.pdf.PdfReader;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.SourceKind;
import org.pergamena.formats.read.UnreadableException;
import org.pergamena.formats.table.CsvReader;
import org.pergamena.formats.text.Decoding;
import org.pergamena.formats.text.MarkdownReader;
import org.pergamena.formats.text.PlainTextReader;
import org.pergamena.formats.transcript.TimedTextReader;
import org.pergamena.formats.transcript.TranscriptReader;
import org.pergamena.formats.transcript.TtmlReader;
import org.pergamena.formats.web.HtmlReader;

/**
 * Reads a file of any kind that the application knows.
 *
 * <pre>{@code
 * ReadSource read = new SourceReader().read("survey.pdf", bytes, share -> {});
 * }</pre>
 */
public final class SourceReader {
  /** The kinds that a person can choose for a file of text that was taken for another. */
  public static final List<SourceKind> CHOICES =
      List.of(
          SourceKind.TEXT,
          SourceKind.MARKDOWN,
          SourceKind.WEB,
          SourceKind.TABLE,
          SourceKind.TRANSCRIPT);

  /** How the name of a file of pasted rich text ends. */
  public static final String PASTED = ".pasted.html";

  private static final Map<String, String> OTHERS =
      Map.of(
          "application/zip", "a ZIP archive",
          "application/gzip", "a compressed archive",
          "application/x-tika-ooxml", "an office document of a kind that is not known",
          "application/x-tika-msoffice", "an office document of a kind that is not known");

  private final Detector detector = new DefaultDetector();

  /**
   * Reads a file by what is in it; its name only decides between kinds of text.
   *
   * @param progress is told the share that is read, 0 to 1
   * @throws UnreadableException with a sentence for the person if nothing can be read
   */
  public ReadSource read(String name, byte[] bytes, DoubleConsumer progress)
      throws UnreadableException {
    return read(name, bytes, null, progress);
  }

  /**
   * Reads a file as the kind that a person says it is.
   *
   * @param kind one of {@link #CHOICES}, or null to find out
   * @throws UnreadableException with a sentence for the person if nothing can be read
   */
  public ReadSource read(String name, byte[] bytes, SourceKind kind, DoubleConsumer progress)
      throws UnreadableException {
    if (bytes.length == 0) {
      throw new UnreadableException(
          "The file is empty. Check it where it came from and add it again.");
    }
    ReadSource read = readByType(name, bytes, kind, progress);
    if (read.text().words() == 0) {
      throw new UnreadableException("There are no words in the file. Check it and add it again.");
    }
    return read;
  }

  /** Whether a media type is one of sound or film. */
  public static boolean isRecording(String type) {
    return type.startsWith("audio/") || type.startsWith("video/") || type.equals("application/ogg");
  }

  /** The media type that bytes look like, {@code audio/ogg}. */
  public String type(byte[] bytes) {
    try (TikaInputStream in = TikaInputStream.get(new ByteArrayInputStream(bytes))) {
      return detector.detect(in, new Metadata()).toString();
    } catch (IOException e) {
      return "application/octet-stream";
    }
  }

  private ReadSource readByType(String name, byte[] bytes, SourceKind kind, DoubleConsumer progress)
      throws UnreadableException {
    String type = type(bytes);
    if (type.equals("application/pdf")) {
      return new PdfReader().read(bytes, progress);
    }
    if (OfficeReader.reads(type)) {
      return OfficeReader.read(bytes, type);
    }
    String words = Decoding.text(bytes, type).orElseThrow(() -> notText(name, type));
    return kind == null ? text(name, type, words) : as(kind, words);
  }

  private static ReadSource as(SourceKind kind, String words) throws UnreadableException {
    return switch (kind) {
      case MARKDOWN -> MarkdownReader.read(words);
      case WEB -> HtmlReader.read(words);
      case TABLE -> CsvReader.read(words);
      case TRANSCRIPT -> transcript(words);
      default -> PlainTextReader.read(words);
    };
  }

  private static ReadSource transcript(String words) throws UnreadableException {
    if (TtmlReader.isTtml(words)) {
      return TtmlReader.read(words);
    }
    return words.contains("-->") ? TranscriptReader.read(words) : TimedTextReader.read(words);
  }

  private static ReadSource text(String name, String type, String words)
      throws UnreadableException {
    String lower = name.toLowerCase(Locale.ROOT);
    if (words.startsWith("WEBVTT") || lower.endsWith(".vtt") || TranscriptReader.isSrt(words)) {
      return TranscriptReader.read(words);
    }
    if (lower.endsWith(".srt")) {
      throw new UnreadableException(
          "The name ends in .srt, but there are no times like 00:01:02,000 --> 00:01:05,000"
              + " in it. If it is plain text, rename it to .txt and add it again.");
    }
    if (lower.endsWith(".md") || lower.endsWith(".markdown")) {
      return MarkdownReader.read(words);
    }
    if (lower.endsWith(".csv") || lower.endsWith(".tsv")) {
      return CsvReader.read(words);
    }
    if (TtmlReader.isTtml(words)) {
      return TtmlReader.read(words);
    }
    if (lower.endsWith(PASTED)) {
      return HtmlReader.pasted(words);
    }
    if (type.equals("text/html") || type.equals("application/xhtml+xml")) {
      return HtmlReader.read(words);
    }
    return TimedTextReader.isTimed(words)
        ? TimedTextReader.read(words)
        : PlainTextReader.read(words);
  }

  private static UnreadableException notText(String name, String type) {
    String what = OTHERS.get(type);
    if (what == null && type.startsWith("image/")) {
      what = "a picture";
    } else if (what == null && isRecording(type)) {
      what = "a recording";
    }
    boolean pretends = name.toLowerCase(Locale.ROOT).endsWith(".pdf");
    return new UnreadableException(
        (pretends ? "The name ends in .pdf, but the file is " : "The file is ")
            + (what == null ? "neither text nor a document" : what)
            + ". Pergamena reads PDF, office documents, e-books, web pages, Markdown, plain text,"
            + " tables, WebVTT and SRT: save it as one of these and add it again.");
  }
}
