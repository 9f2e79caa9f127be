package org.pergamena.server.mine;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.pergamena.core.source.FileName;
import org.pergamena.server.briefs.KeptBriefs;
import org.pergamena.server.export.WholeMaps;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.replies.Replies;
import org.pergamena.server.templates.ReportTemplates;
import org.pergamena.server.visitors.Visitors;
import org.springframework.stereotype.Service;

/** All that belongs to a person. */
@Service
public class Belongings {
  private final Maps maps;
  private final WholeMaps whole;
  private final ReportTemplates templates;
  private final KeptBriefs briefs;
  private final Replies replies;
  private final Visitors visitors;

  Belongings(
      Maps maps,
      WholeMaps whole,
      ReportTemplates templates,
      KeptBriefs briefs,
      Replies replies,
      Visitors visitors) {
    this.maps = maps;
    this.whole = whole;
    this.templates = templates;
    this.briefs = briefs;
    this.replies = replies;
    this.visitors = visitors;
  }

  /**
   * Writes all that a person has: maps and those to begin from, each as a file that can be brought
   * in again with its replies beside it, their template of text documents and their briefs. The
   * stream stays open.
   */
  void write(UUID person, OutputStream out) throws IOException {
    ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
    write(person, maps.of(person), "", zip);
    write(person, maps.templates(person), "to begin from/", zip);
    entry("template.docx", templates.of(person), zip);
    entry("briefs.json", briefs.written(person), zip);
    zip.finish();
  }

  private static void entry(String name, byte[] bytes, ZipOutputStream zip) throws IOException {
    if (bytes != null) {
      zip.putNextEntry(new ZipEntry(name));
      zip.write(bytes);
      zip.closeEntry();
    }
  }

  private void write(UUID person, List<Maps.Summary> some, String folder, ZipOutputStream zip)
      throws IOException {
    int number = 0;
    for (Maps.Summary map : some) {
      number++;
      String name = FileName.of(map.title().replace('/', '-'));
      zip.putNextEntry(new ZipEntry("%s%03d %s.zip".formatted(folder, number, name)));
      whole.write(person, map.id(), zip);
      zip.closeEntry();
      int reply = 0;
      for (Replies.Written each : replies.written(map.id())) {
        reply++;
        String path = "%s%03d %s, reply %d.md".formatted(folder, number, name, reply);
        entry(path, each.text().getBytes(StandardCharsets.UTF_8), zip);
      }
    }
  }

  /** Deletes all maps of a person, with all that nobody else has, and forgets who they are. */
  public void delete(UUID person) {
    maps.deleteAll(person);
    visitors.forget(person);
  }
}
