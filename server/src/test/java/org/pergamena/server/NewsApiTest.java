package org.pergamena.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.HttpURLConnection;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.extension.ExtendWith;
import org.pergamena.server.testing.TestApplication;
import org.pergamena.server.testing.TestVisitor;

/** What one page changes another hears of, by way of the database. */
@ExtendWith(TestApplication.class)
@Timeout(value = 10, unit = TimeUnit.MINUTES)
class NewsApiTest {
  @Test
  void an_edit_is_told_to_whoever_listens(TestVisitor visitor) throws IOException {
    UUID map = visitor.newMap();
    String root = visitor.desk(map).at("/topics/0/id").asString();
    HttpURLConnection page =
        (HttpURLConnection)
            URI.create(visitor.address() + "/api/maps/" + map + "/news").toURL().openConnection();
    page.setRequestProperty("Cookie", "pergamena-session=" + visitor.cookie("pergamena-session"));
    page.setRequestProperty("Accept", "text/event-stream");
    try (BufferedReader lines =
        new BufferedReader(new InputStreamReader(page.getInputStream(), StandardCharsets.UTF_8))) {
      assertThat(next(lines)).contains("\"revision\":0");
      visitor.edit(map, Map.of("type", "Rename", "topic", root, "label", "Ferrow"));
      String news = next(lines);
      while (!news.contains("\"revision\":1")) {
        news = next(lines); // what was under way before
      }
      assertThat(news).contains("\"revision\":1");
    }
  }

  /** The data of the next news. */
  private static String next(BufferedReader lines) throws IOException {
    String line = lines.readLine();
    while (line != null && !line.startsWith("data:")) {
      line = lines.readLine();
    }
    assertThat(line).isNotNull();
    return line;
  }
}
