package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import java.io.IOException;
import java.util.zip.ZipFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(Browsing.class)
class MineTest {
  @Test
  void all_of_ones_own_is_taken_along_and_then_deleted(DeskPage desk) throws IOException {
    desk.open();
    String mine = desk.page().url();
    allOfMine(desk);
    assertThat(DemonstrationTest.serious(desk)).isEmpty();
    Download saved =
        desk.page().waitForDownload(() -> desk.sheet().getByText("Take all of it along").click());
    try (ZipFile zip = new ZipFile(saved.path().toFile())) {
      assertThat(zip.stream().map(java.util.zip.ZipEntry::getName))
          .containsExactly("001 Letting the sea back in at Ferrow.zip");
    }
    Locator delete = desk.sheet().getByText("Delete everything");
    assertThat(delete).isDisabled();
    desk.sheet().getByLabel("To have all of it deleted").fill("delete");
    delete.click();
    assertThat(desk.sheet()).hasCount(0);
    assertThat(desk.title()).isVisible();
    assertThat(desk.page().url()).isNotEqualTo(mine);
    desk.page().navigate(mine);
    assertThat(desk.page().getByText("Go to your maps")).isVisible();
  }

  private static void allOfMine(DeskPage desk) {
    desk.page()
        .getByLabel(
            "your maps", new com.microsoft.playwright.Page.GetByLabelOptions().setExact(false))
        .first()
        .click();
    desk.page().getByText("All of mine\u2026").click();
  }

  @Test
  void another_browser_is_let_in_and_put_out(DeskPage mine, DeskPage theirs) {
    mine.open();
    mine.newMap();
    theirs.open();
    allOfMine(mine);
    mine.sheet().getByText("Let another browser in").click();
    Locator address = mine.sheet().getByText("#enter=");
    assertThat(address).isVisible();
    theirs.page().navigate(address.textContent());
    assertThat(DemonstrationTest.serious(theirs)).isEmpty();
    theirs.button("That was me, open my maps").click();
    assertThat(theirs.page().getByText("Begin with your sources")).isVisible();
    theirs.page().reload();
    mine.page().reload();
    assertThat(mine.page().getByText("Begin with your sources")).isVisible();
    allOfMine(mine);
    mine.sheet().getByText("Put out").click();
    assertThat(mine.sheet().getByText("Put out")).hasCount(0);
    theirs.page().reload();
    assertThat(theirs.page().getByText("Go to your maps")).isVisible();
  }
}
