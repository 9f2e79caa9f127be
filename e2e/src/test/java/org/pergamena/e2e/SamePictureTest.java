package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ReducedMotion;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Base64;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The page and a picture file show the same scene: at twice its size, to the pixel. */
@ExtendWith(Browsing.class)
class SamePictureTest {
  /** How much darker or lighter than the ground a pixel is that has ink, of 255. */
  private static final int INK = 70;

  /** Letters are smoothed in two ways; so many pixels of a hundred may differ by that. */
  private static final double ALIKE = 0.995;

  private static BufferedImage page(DeskPage desk) throws IOException {
    BrowserContext sharp =
        desk.page()
            .context()
            .browser()
            .newContext(
                new Browser.NewContextOptions()
                    .setViewportSize(2400, 1500)
                    .setDeviceScaleFactor(2)
                    .setReducedMotion(ReducedMotion.REDUCE)
                    .setStorageState(desk.page().context().storageState()));
    try {
      Page page = sharp.newPage();
      page.navigate(desk.page().url());
      return shown(page);
    } finally {
      sharp.close();
    }
  }

  private static BufferedImage shown(Page page) throws IOException {
    page.getByLabel("Fit the map to the window").click();
    Locator zoom = page.getByLabel(Pattern.compile("^Zoom .*; show it at 100%"));
    zoom.click();
    assertThat(zoom).hasText("100%");
    page.addStyleTag(
        new Page.AddStyleTagOptions()
            .setContent(".selected, [data-width], [data-overview] { display: none !important }"));
    page.mouse().move(0, 0);
    // the page draws what is still anew once a zoom has come to rest
    page.waitForFunction(
        "() => /scale\\(1\\)$/.test(document.querySelector('svg[role=tree]')"
            + ".parentElement.parentElement.style.transform)");
    var at = page.locator("svg[role=tree]").boundingBox();
    String size =
        (String)
            page.evaluate(
                "async () => { const d = await (await fetch('/api'"
                    + " + location.pathname.match(/.maps.[0-9a-f-]{36}/)[0])).json();"
                    + " return d.scene.width + ' ' + d.scene.height; }");
    String[] sides = size.split(" ");
    byte[] shot =
        page.screenshot(
            new Page.ScreenshotOptions()
                .setClip(at.x, at.y, Double.parseDouble(sides[0]), Double.parseDouble(sides[1])));
    return ImageIO.read(new ByteArrayInputStream(shot));
  }

  /** What is open of the map as a picture file of twice its size. */
  private static BufferedImage file(DeskPage desk) throws IOException {
    String bytes =
        (String)
            desk.page()
                .evaluate(
                    """
                    async () => {
                      const map = location.pathname.match(/.maps.[0-9a-f-]{36}/)[0];
                      const path = '/api' + map + '/export/';
                      const token = /XSRF-TOKEN=([^;]+)/.exec(document.cookie)[1];
                      const begun = await fetch(path + 'png?open=true&scale=2', {
                        method: 'POST', headers: {'X-XSRF-TOKEN': token},
                      });
                      const file = path + 'files/' + (await begun.json()).job;
                      const state = async () => (await (await fetch(file + '/state')).json()).state;
                      while (['WAITING', 'RUNNING'].includes(await state())) {
                        await new Promise(done => setTimeout(done, 100));
                      }
                      const all = new Uint8Array(await (await fetch(file)).arrayBuffer());
                      return btoa(Array.from(all, each => String.fromCharCode(each)).join(''));
                    }
                    """);
    return ImageIO.read(new ByteArrayInputStream(Base64.getDecoder().decode(bytes)));
  }

  private static boolean[][] ink(BufferedImage image) {
    boolean[][] ink = new boolean[image.getHeight()][image.getWidth()];
    int ground = brightness(image.getRGB(1, 1));
    for (int y = 0; y < image.getHeight(); y++) {
      for (int x = 0; x < image.getWidth(); x++) {
        ink[y][x] = Math.abs(brightness(image.getRGB(x, y)) - ground) > INK;
      }
    }
    return ink;
  }

  private static int brightness(int rgb) {
    Color colour = new Color(rgb);
    return (colour.getRed() + colour.getGreen() + colour.getBlue()) / 3;
  }

  /** The share of inked pixels that have ink within one pixel of them in another picture. */
  private static double within(boolean[][] one, boolean[][] other) {
    long all = 0;
    long found = 0;
    for (int y = 1; y < Math.min(one.length, other.length) - 1; y++) {
      for (int x = 1; x < Math.min(one[0].length, other[0].length) - 1; x++) {
        if (one[y][x]) {
          all++;
          boolean near = false;
          for (int i = 0; i < 9 && !near; i++) {
            near = other[y + i / 3 - 1][x + i % 3 - 1];
          }
          found += near ? 1 : 0;
        }
      }
    }
    assertThat(all).isGreaterThan(3_000);
    return (double) found / all;
  }

  @ParameterizedTest
  @ValueSource(strings = {"Braces", "By time", "Night"})
  void the_page_and_a_picture_have_ink_at_the_same_pixels(String look, DeskPage desk)
      throws IOException {
    desk.open().layOut(look);
    boolean[][] page = ink(page(desk));
    boolean[][] file = ink(file(desk));
    assertThat(page.length).isBetween(file.length - 2, file.length + 2);
    assertThat(page[0].length).isBetween(file[0].length - 2, file[0].length + 2);
    assertThat(within(page, file)).isGreaterThan(ALIKE);
    assertThat(within(file, page)).isGreaterThan(ALIKE);
  }
}
