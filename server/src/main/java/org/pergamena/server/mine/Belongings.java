package org.pergamena.server.mine;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.pergamena.core.source.FileName;
import org.pergamena.server.export.WholeMaps;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.visitors.Visitors;
import org.springframework.stereotype.Service;

/** All that belongs to a person. */
@Service
public class Belongings {
  private final Maps maps;
  private final WholeMaps whole;
  private final Visitors visitors;

  Belongings(Maps maps, WholeMaps whole, Visitors visitors) {
    this.maps = maps;
    this.whole = whole;
    this.visitors = visitors;
  }

  /** Writes all maps of a person, each as a file that can be brought in again; it stays open. */
  void write(UUID person, OutputStream out) throws IOException {
    ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
    int number = 0;
    for (Maps.Summary map : maps.of(person)) {
      number++;
      String name = FileName.of(map.title().replace('/', '-'));
      zip.putNextEntry(new ZipEntry("%03d %s.zip".formatted(number, name)));
      whole.write(person, map.id(), zip);
      zip.closeEntry();
    }
    zip.finish();
  }

  /** Deletes all maps of a person, with all that nobody else has, and forgets who they are. */
  public void delete(UUID person) {
    maps.deleteAll(person);
    visitors.forget(person);
  }
}
