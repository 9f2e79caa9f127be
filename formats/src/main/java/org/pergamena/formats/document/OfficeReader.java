package org.pergamena.formats.document;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Map;
import org.apache.tika.exception.EncryptedDocumentException;
import org.apache.tika.exception.TikaException;
import org.apache.tika.exception.WriteLimitReachedException;
import org.apache.tika.metadata.Metadata;
import org.apache.tika.metadata.TikaCoreProperties;
import org.apache.tika.parser.AutoDetectParser;
import org.apache.tika.parser.ParseContext;
import org.apache.tika.sax.BodyContentHandler;
import org.pergamena.core.source.SourceText;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.SourceKind;
import org.pergamena.formats.read.UnreadableException;
import org.xml.sax.SAXException;

/** Reads office documents, presentations, spreadsheets and e-books, by Apache Tika. */
public final class OfficeReader {
  private static final Map<String, SourceKind> KINDS =
      Map.ofEntries(
          Map.entry(
              "application/vnd.openxmlformats-officedocument.wordprocessingml.document",
              SourceKind.DOCUMENT),
          Map.entry("application/msword", SourceKind.DOCUMENT),
          Map.entry("application/rtf", SourceKind.DOCUMENT),
          Map.entry("application/vnd.oasis.opendocument.text", SourceKind.DOCUMENT),
          Map.entry(
              "application/vnd.openxmlformats-officedocument.presentationml.presentation",
              SourceKind.SLIDES),
          Map.entry("application/vnd.ms-powerpoint", SourceKind.SLIDES),
          Map.entry("application/vnd.oasis.opendocument.presentation", SourceKind.SLIDES),
          Map.entry(
              "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet",
              SourceKind.TABLE),
          Map.entry("application/vnd.ms-excel", SourceKind.TABLE),
          Map.entry("application/vnd.oasis.opendocument.spreadsheet", SourceKind.TABLE),
          Map.entry("application/epub+zip", SourceKind.BOOK));

  private OfficeReader() {}

  /** Whether a media type is one of those that are read here. */
  public static boolean reads(String type) {
    return KINDS.containsKey(type);
  }

  /**
   * Reads a document.
   *
   * @throws UnreadableException if it is locked, damaged or unpacks to more than it should
   */
  public static ReadSource read(byte[] bytes, String type) throws UnreadableException {
    SourceKind kind = KINDS.get(type);
    XhtmlBlocks blocks = new XhtmlBlocks(kind == SourceKind.TABLE);
    Metadata metadata = new Metadata();
    try {
      new AutoDetectParser()
          .parse(
              new ByteArrayInputStream(bytes),
              new BodyContentHandler(blocks),
              metadata,
              new ParseContext());
    } catch (EncryptedDocumentException e) {
      throw new UnreadableException(
          "The document is locked with a password. Save it without one and add it again.", e);
    } catch (WriteLimitReachedException e) {
      throw new UnreadableException("The document is too long. Split it and add the parts.", e);
    } catch (IOException | TikaException | SAXException | RuntimeException e) {
      throw new UnreadableException(
          "The document is damaged, or unpacks to far more than it should. Open it where it came"
              + " from, save it anew and add it again.",
          e);
    }
    SourceText text = blocks.text();
    String title = metadata.get(TikaCoreProperties.TITLE);
    return new ReadSource(kind, title == null || title.isBlank() ? null : title.strip(), text);
  }
}
