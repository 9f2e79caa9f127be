package org.pergamena.server.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CancellationException;
import org.junit.jupiter.api.Test;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.UnreadableException;

class ReaderPoolTest {
  private static final int LIMIT_SECONDS = 8;

  private static ReadSource read(ReaderPool pool, String name, byte[] bytes) throws Exception {
    return pool.read(name, null, bytes, share -> {});
  }

  private static byte[] utf8(String words) {
    return words.getBytes(StandardCharsets.UTF_8);
  }

  @Test
  void each_of_fifty_bad_files_is_read_or_refused_with_a_sentence() throws Exception {
    Map<String, byte[]> files = BadFiles.all();
    assertThat(files).hasSizeGreaterThanOrEqualTo(50);
    List<String> refusals = new ArrayList<>();
    ReaderPool pool = new ReaderPool(new ReadingLimits(300, LIMIT_SECONDS, LIMIT_SECONDS));
    try {
      for (Map.Entry<String, byte[]> file : files.entrySet()) {
        try {
          ReadSource read = read(pool, file.getKey(), file.getValue());
          assertThat(read.text().words()).as(file.getKey()).isPositive();
          assertThat(read.text().text()).as(file.getKey()).doesNotContain("root:x:0");
        } catch (UnreadableException e) {
          refusals.add(file.getKey() + ": " + e.getMessage());
          assertThat(e.getMessage())
              .as(file.getKey())
              .endsWith(".")
              .doesNotContain("Exception")
              .doesNotContain("null");
        }
      }
      refusals.forEach(System.out::println);
      assertThat(refusals).hasSizeGreaterThan(25);
      assertThat(read(pool, "good.txt", utf8("The wall is old.")).text().words()).isEqualTo(4);
    } finally {
      pool.close();
    }
  }

  @Test
  void a_file_that_takes_too_much_memory_or_time_is_stopped_and_the_next_is_read()
      throws Exception {
    ReaderPool small = new ReaderPool(new ReadingLimits(24, 20, 20));
    try {
      byte[] large = utf8("The tide left mud on the fields of the marsh. ".repeat(400_000));
      assertThatThrownBy(() -> read(small, "large.txt", large)).hasMessageContaining("24 MB");
      assertThat(read(small, "good.txt", utf8("The wall is old.")).text().words()).isEqualTo(4);
    } finally {
      small.close();
    }
    ReaderPool hasty = new ReaderPool(new ReadingLimits(300, 0, 20));
    try {
      byte[] some = utf8("The tide left mud on the fields of the marsh. ".repeat(100_000));
      assertThatThrownBy(() -> read(hasty, "some.txt", some)).hasMessageContaining("0 seconds");
    } finally {
      hasty.close();
    }
  }

  @Test
  void whoever_listens_can_stop_it_at_any_time() throws Exception {
    ReaderPool pool = new ReaderPool(new ReadingLimits(300, 20, 20));
    try {
      byte[] some = utf8("The tide left mud on the fields of the marsh. ".repeat(400_000));
      assertThatThrownBy(
              () ->
                  pool.read(
                      "some.txt",
                      null,
                      some,
                      share -> {
                        throw new CancellationException();
                      }))
          .isInstanceOf(CancellationException.class);
    } finally {
      pool.close();
    }
  }
}
