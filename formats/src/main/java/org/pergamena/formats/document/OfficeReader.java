package org.pergamena.formats.document;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;
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
import org.pergamena.formats.read.Facts;
import org.pergamena.formats.read.Omission;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.SourceKind;
import org.pergamena.formats.read.UnreadableException;
import org.xml.sax.SAXException;

/** Reads office documents, presentations, spreadsheets and e-books. */
public final class OfficeReader {
  private static final String DOCX =
      "application/vnd.openxmlformats-officedocument.wordprocessingml.document";
  private static final String PPTX =
      "application/vnd.openxmlformats-officedocument.presentationml.presentation";
  private static final String ODT = "application/vnd.oasis.opendocument.text";
  private static final String ODP = "application/vnd.oasis.opendocument.presentation";

  private static final Map<String, SourceKind> KINDS =
      Map.ofEntries(
          Map.entry(DOCX, SourceKind.DOCUMENT),
          Map.entry("application/msword", SourceKind.DOCUMENT),
          Map.entry("application/rtf", SourceKind.DOCUMENT),
          Map.entry(ODT, SourceKind.DOCUMENT),
          Map.entry(PPTX, SourceKind.SLIDES),
          Map.entry("application/vnd.ms-powerpoint", SourceKind.SLIDES),
          Map.entry(ODP, SourceKind.SLIDES),
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
    try {
      return switch (type) {
        case DOCX -> WordReader.read(bytes);
        case PPTX -> SlidesReader.read(bytes);
        case ODT, ODP -> OpenDocumentReader.read(bytes, kind);
        default -> byTika(bytes, kind);
      };
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
  }

  private static ReadSource byTika(byte[] bytes, SourceKind kind)
      throws IOException, TikaException, SAXException {
    XhtmlBlocks blocks = new XhtmlBlocks(kind == SourceKind.TABLE);
    Metadata metadata = new Metadata();
    new AutoDetectParser()
        .parse(
            new ByteArrayInputStream(bytes),
            new BodyContentHandler(blocks),
            metadata,
            new ParseContext());
    SourceText text = blocks.text();
    Facts facts =
        new Facts(
            metadata.get(TikaCoreProperties.TITLE),
            metadata.get(TikaCoreProperties.CREATOR),
            metadata.get(TikaCoreProperties.CREATED));
    List<Omission> omissions =
        blocks.contents() == 0
            ? List.of()
            : List.of(
                new Omission(
                    Omission.counted(blocks.contents(), "line", "lines")
                        + " of the table of contents",
                    ""));
    return ReadSource.of(kind, facts, text, omissions);
  }
}
