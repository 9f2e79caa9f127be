package org.pergamena.server.export;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import org.pergamena.core.progress.Progress;
import org.pergamena.formats.publish.FileFormat;
import org.pergamena.formats.publish.Publication;
import org.pergamena.server.jobs.JobFiles;
import org.pergamena.server.jobs.JobKind;
import org.pergamena.server.jobs.JobState;
import org.pergamena.server.jobs.Work;
import org.pergamena.server.jobs.WorkFailedException;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Writes a map as a file. The map stays as it is. */
@Component
class ExportWork implements Work {

  private final Publications publications;
  private final JobFiles files;
  private final JsonMapper json;

  ExportWork(Publications publications, JobFiles files, JsonMapper json) {
    this.publications = publications;
    this.files = files;
    this.json = json;
  }

  @Override
  public JobKind kind() {
    return JobKind.EXPORT;
  }

  @Override
  public Finish run(Task task, Progress progress) throws WorkFailedException {
    Exports.Order order = json.readValue(task.options(), Exports.Order.class);
    FileFormat format = order.format();
    boolean kept = false;
    try (OutputStream out = new BufferedOutputStream(files.open(task.job()))) {
      Publication publication = publications.of(task.person(), task.map(), order.wish(), progress);
      format.write(publication, out);
      kept = true;
    } catch (IllegalArgumentException e) {
      throw new WorkFailedException(e.getMessage(), e);
    } catch (IOException e) {
      throw new WorkFailedException("The file could not be written. Try again.", e);
    } finally {
      if (!kept) {
        files.drop(task.job());
      }
    }
    return () -> {};
  }

  @Override
  public void stopped(Task task, JobState how, String problem) {
    files.drop(task.job());
  }
}
