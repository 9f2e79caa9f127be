package org.pergamena.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.FileChooser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.Map;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(Browsing.class)
class PicturesTest {
  private static final String IMAGES = "[role=treeitem] image";

  private static byte[] png(int width, int height) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), "png", out);
    return out.toByteArray();
  }

  private static Locator images(DeskPage desk) {
    return desk.page().locator(IMAGES);
  }

  @Test
  void a_drawing_and_a_file_are_put_on_a_topic_described_placed_sized_and_undone(DeskPage desk)
      throws IOException {
    desk.open().someLeaf().click();
    desk.reading().getByText("Add a picture").click();
    desk.sheet().getByText("Ink drawings").click();
    desk.sheet().getByLabel("Find a drawing by a word").fill("lighthouse");
    assertThat(desk.sheet().getByText("lighthouse").first()).isVisible();
    Assertions.assertThat(DemonstrationTest.serious(desk)).isEmpty();
    desk.sheet()
        .getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("lighthouse").setExact(true))
        .click();
    assertThat(images(desk)).hasCount(1);
    assertThat(desk.selected())
        .hasAttribute("aria-label", Pattern.compile(".*, shows lighthouse$"));

    desk.reading().getByText("Another picture").click();
    FileChooser chooser =
        desk.page().waitForFileChooser(() -> desk.sheet().getByText("Choose files…").click());
    chooser.setFiles(new FilePayload("wall.png", "image/png", png(400, 200)));
    assertThat(images(desk)).hasCount(2);
    desk.kept();
    desk.reading().getByLabel("What picture 2 shows").fill("The old wall");
    desk.page().keyboard().press("Enter");
    desk.reading().getByLabel("Place of The old wall").selectOption("BELOW");
    Locator width = desk.reading().getByLabel("Width of The old wall");
    assertThat(width).hasValue("160");
    desk.kept();

    Locator corner = desk.page().locator("[data-size] rect").last();
    BoundingBox at = corner.boundingBox();
    Mouse mouse = desk.page().mouse();
    mouse.move(at.x + at.width / 2, at.y + at.height / 2);
    mouse.down();
    mouse.move(at.x + 100, at.y + 60, new Mouse.MoveOptions().setSteps(4));
    mouse.up();
    assertThat(width).not().hasValue("160");
    desk.kept();
    Assertions.assertThat(DemonstrationTest.serious(desk)).isEmpty();
    desk.reading().getByLabel("Take lighthouse off").click();
    assertThat(images(desk)).hasCount(1);
    desk.kept().button("Undo").click();
    assertThat(images(desk)).hasCount(2);
  }

  @Test
  void a_picture_is_dropped_on_a_topic_and_pasted_and_what_is_none_is_refused(DeskPage desk)
      throws IOException {
    desk.open();
    Locator leaf = desk.someLeaf();
    drop(desk, leaf, "image/png", png(90, 60));
    assertThat(leaf.locator("image")).hasCount(1);
    desk.kept();
    leaf.click();
    assertThat(desk.reading().getByLabel("Place of picture 1")).hasValue("ABOVE");
    desk.tree()
        .evaluate(
            "(tree, bytes) => { const data = new DataTransfer(); data.items.add(new File("
                + "[Uint8Array.from(atob(bytes), c => c.charCodeAt(0))], 'a.png', {type:"
                + " 'image/png'})); tree.dispatchEvent(new ClipboardEvent('paste', {clipboardData:"
                + " data, bubbles: true, cancelable: true})); }",
            Base64.getEncoder().encodeToString(png(50, 50)));
    assertThat(leaf.locator("image")).hasCount(2);
    desk.kept();
    drop(desk, leaf, "image/png", "no picture".getBytes(StandardCharsets.UTF_8));
    assertThat(desk.page().getByText(Pattern.compile("Save it as PNG, JPEG"))).isVisible();
    assertThat(leaf.locator("image")).hasCount(2);
  }

  private static void drop(DeskPage desk, Locator onto, String type, byte[] bytes) {
    onto.locator(".hit")
        .evaluate(
            "(element, file) => { const data = new DataTransfer(); data.items.add(new File("
                + "[Uint8Array.from(atob(file.bytes), c => c.charCodeAt(0))], 'dropped', {type:"
                + " file.type})); for (const name of ['dragover', 'drop']) element.dispatchEvent("
                + "new DragEvent(name, {dataTransfer: data, bubbles: true, cancelable: true})); }",
            Map.of("type", type, "bytes", Base64.getEncoder().encodeToString(bytes)));
  }

  @Test
  void a_link_is_bent_led_elsewhere_and_gets_a_passage_that_bears_it_out(DeskPage desk) {
    desk.open();
    Page page = desk.page();
    Locator leaves = page.locator("[role=treeitem][aria-level='3']:not([aria-expanded])");
    leaves.nth(0).click();
    desk.act("Link to another topic");
    String other = leaves.nth(3).getAttribute("aria-label").replaceFirst("^[\\d.]+ ", "");
    desk.sheet().getByLabel("Find the other topic").fill(other.split(",")[0]);
    desk.sheet().getByRole(AriaRole.OPTION).first().click();
    desk.sheet().getByText("Link them").click();
    desk.kept();
    drag(desk, page.locator("[data-part=middle] .grip"), 150, 10);
    assertThat(page.locator("[data-link] .bow")).hasCount(0);
    assertThat(page.locator("[data-link] path").first()).isAttached();
    desk.kept();
    String end = leaves.nth(5).getAttribute("aria-label").replaceFirst("^[\\d.]+ ", "");
    double[] to = desk.middle(leaves.nth(5));
    BoundingBox grip = page.locator("[data-part=to] .grip").boundingBox();
    drag(
        desk,
        page.locator("[data-part=to] .grip"),
        to[0] - grip.x - grip.width / 2,
        to[1] - grip.y - grip.height / 2);
    Locator relations = desk.reading().getByLabel("Relations");
    assertThat(relations).containsText(end.split(",")[0]);
    desk.kept();

    relations
        .getByRole(
            AriaRole.BUTTON,
            new Locator.GetByRoleOptions().setName(Pattern.compile("^Actions on the link")))
        .click();
    page.getByRole(
            AriaRole.MENUITEM,
            new Page.GetByRoleOptions().setName("Find a passage that supports it"))
        .click();
    Locator text = desk.reading().getByLabel("Text of the source");
    assertThat(desk.reading().getByText("Select the words that bear out")).isVisible();
    text.focus();
    page.keyboard().press("ArrowDown");
    page.keyboard().press("Enter");
    assertThat(relations.getByLabel(Pattern.compile("^Passages that bear out"))).isVisible();
    desk.kept().button("Undo").click();
    assertThat(relations.getByLabel(Pattern.compile("^Passages that bear out"))).hasCount(0);
    desk.more("Links in the colour of where they come from");
    assertThat(page.locator("[data-handles] rect").first()).not().hasAttribute("stroke", "#a3302b");
  }

  private static void drag(DeskPage desk, Locator grip, double dx, double dy) {
    BoundingBox at = grip.boundingBox();
    double x = at.x + at.width / 2;
    double y = at.y + at.height / 2;
    Mouse mouse = desk.page().mouse();
    mouse.move(x, y);
    mouse.down();
    mouse.move(x + dx / 2, y + dy / 2, new Mouse.MoveOptions().setSteps(3));
    mouse.move(x + dx, y + dy, new Mouse.MoveOptions().setSteps(3));
    mouse.up();
  }

  @Test
  void a_part_of_a_page_is_cut_out_as_a_picture(DeskPage desk) {
    desk.open();
    desk.button("Read Ferrow survey report").click();
    desk.button("Pages").click();
    desk.button("Cut out a picture").click();
    Locator page = desk.reading().locator("[data-cutting]").nth(1);
    page.scrollIntoViewIfNeeded();
    BoundingBox at = page.boundingBox();
    Mouse mouse = desk.page().mouse();
    mouse.move(at.x + 40, at.y + 200);
    mouse.down();
    mouse.move(at.x + 300, at.y + 260, new Mouse.MoveOptions().setSteps(4));
    mouse.up();
    assertThat(images(desk)).hasCount(1);
    desk.button("Cut out a picture").click();
    desk.reading().getByText("Take all of page 2").click();
    assertThat(images(desk)).hasCount(2);
  }

  @Test
  void a_passage_is_dragged_to_another_topic(DeskPage desk) {
    desk.open();
    Locator leaves = desk.page().locator("[role=treeitem][aria-level='3']:not([aria-expanded])");
    leaves.nth(0).click();
    assertThat(desk.passages().first()).isVisible();
    int before = desk.passages().count();
    desk.passages()
        .first()
        .getByRole(AriaRole.HEADING)
        .dragTo(leaves.nth(1).locator(".hit"), new Locator.DragToOptions().setForce(true));
    assertThat(desk.passages()).hasCount(before - 1);
    desk.kept().button("Undo").click();
    assertThat(desk.passages()).hasCount(before);
  }
}
