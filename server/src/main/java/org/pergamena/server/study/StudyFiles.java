package org.pergamena.server.study;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.pergamena.formats.publish.CsvFile;
import org.pergamena.formats.publish.FileFormat;
import org.pergamena.formats.publish.Publication;
import org.pergamena.server.site.Attachment;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** What was found, as files. */
final class StudyFiles {
  private StudyFiles() {}

  /** A page to be read, kept under a name. */
  static ResponseEntity<byte[]> page(String name, Publication publication) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      FileFormat.HTML.write(publication, out);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType(FileFormat.HTML.type()))
        .header(HttpHeaders.CONTENT_DISPOSITION, Attachment.named(name + ".html"))
        .body(out.toByteArray());
  }

  /** A table to be kept under a name. */
  static ResponseEntity<byte[]> csv(String name, List<String> head, List<List<String>> rows) {
    return ResponseEntity.ok()
        .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
        .header(HttpHeaders.CONTENT_DISPOSITION, Attachment.named(name + ".csv"))
        .body(CsvFile.of(head, rows));
  }
}
