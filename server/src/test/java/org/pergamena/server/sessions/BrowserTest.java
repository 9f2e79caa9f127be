package org.pergamena.server.sessions;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BrowserTest {
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      nullValues = "null",
      value = {
        "Mozilla/5.0 (X11; Linux x86_64; rv:140.0) Gecko/20100101 Firefox/140.0 | Firefox on Linux",
        "Mozilla/5.0 (X11; Linux x86_64) Chrome/140.0 Safari/537.36 | Chromium on Linux",
        "Mozilla/5.0 (Windows NT 10.0) Chrome/140.0 Safari/537.36 Edg/140.0 | Edge on Windows",
        "Mozilla/5.0 (Macintosh; Intel Mac OS X 10_15) Safari/605.1 | Safari on macOS",
        "Mozilla/5.0 (Linux; Android 16) Chrome/140.0 Mobile Safari/537 | Chromium on Android",
        "<script>alert(1)</script> | A browser",
        "null | A browser"
      })
  void a_browser_tells_its_name(String userAgent, String name) {
    assertThat(Browser.named(userAgent)).isEqualTo(name);
  }
}
