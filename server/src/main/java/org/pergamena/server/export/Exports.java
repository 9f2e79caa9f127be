package org.pergamena.server.export;

import java.io.IOException;
import java.io.OutputStream;
import java.util.UUID;
import org.pergamena.core.progress.Progress;
import org.pergamena.formats.publish.FileFormat;
import org.pergamena.formats.publish.Publication;
import org.pergamena.server.jobs.JobFiles;
import org.pergamena.server.jobs.JobKind;
import org.pergamena.server.jobs.JobState;
import org.pergamena.server.jobs.Jobs;
import org.pergamena.server.site.Refused;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Files of maps: asked for, waited for and taken here, written by {@link ExportWork}. */
@Service
class Exports {
  private final Publications publications;
  private final Jobs jobs;
  private final JobFiles files;
  private final JsonMapper json;

  Exports(Publications publications, Jobs jobs, JobFiles files, JsonMapper json) {
    this.publications = publications;
    this.jobs = jobs;
    this.files = files;
    this.json = json;
  }

  /**
   * What is to be written.
   *
   * @param title what the file is called
   */
  record Order(FileFormat format, String title, Wish wish) {}

  /**
   * A file that is there.
   *
   * @param size in bytes
   */
  record Written(FileFormat format, String title, long size) {}

  /** Begins to write a file; what cannot be written is refused at once. */
  UUID begin(UUID person, UUID map, FileFormat format, Wish wish) {
    files.sweep(person);
    Publication publication = publications.of(person, map, wish, Progress.NONE);
    format.requireRoom(publication);
    Order order = new Order(format, publication.title(), wish);
    return jobs.ask(person, map, null, JobKind.EXPORT, json.writeValueAsString(order));
  }

  /** How far a file is. */
  Jobs.View state(UUID person, UUID map, UUID job) {
    return jobs.own(person, map, job).view();
  }

  /**
   * A file that has been written.
   *
   * @throws Refused if it is not there yet, or not any more
   */
  Written written(UUID person, UUID map, UUID job) {
    Jobs.Own own = jobs.own(person, map, job);
    long size = files.size(job);
    if (own.view().state() != JobState.DONE || size == 0) {
      throw new Refused(
          HttpStatus.NOT_FOUND, "This file is not there, or not any more. Write it once more.");
    }
    Order order = json.readValue(own.options(), Order.class);
    return new Written(order.format(), order.title(), size);
  }

  /** Copies a file; the stream stays open. */
  void copy(UUID job, OutputStream out) throws IOException {
    files.copy(job, out);
  }
}
