package org.pergamena.formats.publish;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Optional;
import org.pergamena.core.outline.MarkdownOutline;
import org.pergamena.formats.json.MapArchive;
import org.pergamena.formats.json.MapJson;
import org.pergamena.formats.picture.PdfPicture;
import org.pergamena.formats.picture.PngPicture;
import org.pergamena.formats.picture.SvgPicture;
import org.pergamena.formats.picture.WholePicture;

/** The formats in which maps are published. */
public enum FileFormat {
  DOCX("docx", "application/vnd.openxmlformats-officedocument.wordprocessingml.document") {
    @Override
    public void write(Publication publication, OutputStream out) throws IOException {
      new WordReport(publication).write(out);
    }
  },
  ODT("odt", "application/vnd.oasis.opendocument.text") {
    @Override
    public void write(Publication publication, OutputStream out) throws IOException {
      new OdtReport(publication).write(out);
    }
  },
  PPTX("pptx", "application/vnd.openxmlformats-officedocument.presentationml.presentation") {
    @Override
    public void write(Publication publication, OutputStream out) throws IOException {
      new Slides(publication).write(out);
    }
  },
  RTF("rtf", "application/rtf") {
    @Override
    public void write(Publication publication, OutputStream out) throws IOException {
      text(RtfReport.of(publication), out);
    }
  },
  HTML("html", "text/html;charset=UTF-8") {
    @Override
    public void write(Publication publication, OutputStream out) throws IOException {
      text(HtmlPage.of(publication), out);
    }
  },
  MD("md", "text/markdown;charset=UTF-8") {
    @Override
    public void write(Publication publication, OutputStream out) throws IOException {
      text(MarkdownOutline.write(publication.map(), publication.sources()), out);
    }
  },
  TXT("txt", "text/plain;charset=UTF-8") {
    @Override
    public void write(Publication publication, OutputStream out) throws IOException {
      text(OutlineText.of(publication), out);
    }
  },
  TEX("tex", "application/x-tex;charset=UTF-8") {
    @Override
    public void write(Publication publication, OutputStream out) throws IOException {
      text(Latex.of(publication), out);
    }
  },
  GRAPHML("graphml", "application/graphml+xml") {
    @Override
    public void write(Publication publication, OutputStream out) {
      GraphMl.write(publication, out);
    }
  },
  OPML("opml", "text/x-opml") {
    @Override
    public void write(Publication publication, OutputStream out) {
      Opml.write(publication, out);
    }
  },
  CSV("csv", "text/csv;charset=UTF-8") {
    @Override
    public void write(Publication publication, OutputStream out) throws IOException {
      SheetFiles.csv(Sheets.topics(publication), out);
    }
  },
  XLSX("xlsx", "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet") {
    @Override
    public void write(Publication publication, OutputStream out) throws IOException {
      SheetFiles.xlsx(Sheets.of(publication), out);
    }
  },
  SVG("svg", "image/svg+xml") {
    @Override
    public void write(Publication publication, OutputStream out) {
      SvgPicture.write(
          publication.scene(),
          publication.title(),
          publication.form().pixels().clear() ? null : publication.scene().ground(),
          publication.gallery(),
          out);
    }
  },
  PDF("pdf", "application/pdf") {
    @Override
    public void write(Publication publication, OutputStream out) throws IOException {
      if (publication.form().paper().isReport()) {
        PdfReport.write(publication, out);
      } else {
        PdfPicture.write(
            publication.map(),
            publication.language(),
            publication.scene(),
            publication.form().paper(),
            publication.gallery(),
            out);
      }
    }
  },
  PNG("png", "image/png") {
    @Override
    public void write(Publication publication, OutputStream out) {
      PngPicture.of(publication.scene(), publication.form().pixels())
          .write(publication.gallery(), publication.progress(), out);
    }

    @Override
    public void requireRoom(Publication publication) {
      PngPicture.of(publication.scene(), publication.form().pixels());
    }
  },
  JPG("jpg", "image/jpeg") {
    @Override
    public void write(Publication publication, OutputStream out) throws IOException {
      WholePicture.write(
          publication.scene(), publication.form().pixels(), "jpeg", publication.gallery(), out);
    }

    @Override
    public void requireRoom(Publication publication) {
      WholePicture.size(publication.scene(), publication.form().pixels(), "jpeg");
    }
  },
  WEBP("webp", "image/webp") {
    @Override
    public void write(Publication publication, OutputStream out) throws IOException {
      WholePicture.write(
          publication.scene(), publication.form().pixels(), "webp", publication.gallery(), out);
    }

    @Override
    public void requireRoom(Publication publication) {
      WholePicture.size(publication.scene(), publication.form().pixels(), "webp");
    }
  },
  JSON("json", "application/json") {
    @Override
    public void write(Publication publication, OutputStream out) {
      MapJson.write(publication.whole(), out);
    }
  },
  JSONLD("jsonld", "application/ld+json") {
    @Override
    public void write(Publication publication, OutputStream out) {
      Annotations.write(publication, out);
    }
  },
  TTL("ttl", "text/turtle;charset=UTF-8") {
    @Override
    public void write(Publication publication, OutputStream out) throws IOException {
      Skos.write(publication, out);
    }
  },
  ZIP("zip", "application/zip") {
    @Override
    public void write(Publication publication, OutputStream out) throws IOException {
      MapArchive.write(publication.whole(), publication.store(), publication.progress(), out);
    }
  };

  private final String ending;
  private final String type;

  FileFormat(String ending, String type) {
    this.ending = ending;
    this.type = type;
  }

  /** What names of its files end in, without the dot. */
  public String ending() {
    return ending;
  }

  /** Its media type. */
  public String type() {
    return type;
  }

  /**
   * Writes a file; the stream stays open.
   *
   * @throws IllegalArgumentException with a sentence for the person if it would be too large
   */
  public abstract void write(Publication publication, OutputStream out) throws IOException;

  /**
   * Refuses before anything is written.
   *
   * @throws IllegalArgumentException with a sentence for the person if it would be too large
   */
  public void requireRoom(Publication publication) {
    // other formats are as long as what is in them
  }

  private static void text(String words, OutputStream out) throws IOException {
    out.write(words.getBytes(StandardCharsets.UTF_8));
  }

  /** The format that names with an ending have. */
  public static Optional<FileFormat> of(String ending) {
    return Arrays.stream(values()).filter(f -> f.ending.equals(ending)).findFirst();
  }
}
