package org.pergamena.formats.pdf;

import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDDocumentOutline;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineNode;

/** The bookmarks of a document, which say what its headings are and on which page. */
final class Bookmarks {
  private static final int MOST = 5000;
  private static final int DEEPEST = 6;
  private static final int LEAST = 2;

  private final Map<Integer, List<Bookmark>> byPage = new HashMap<>();
  private int count;

  private record Bookmark(String title, int level) {}

  Bookmarks(PDDocument document) throws IOException {
    PDDocumentOutline outline = document.getDocumentCatalog().getDocumentOutline();
    if (outline != null) {
      Map<Object, Integer> pages = new HashMap<>();
      int number = 1;
      for (PDPage page : document.getPages()) {
        pages.put(page.getCOSObject(), number++);
      }
      collect(document, outline, 1, pages);
    }
  }

  private void collect(
      PDDocument document, PDOutlineNode node, int level, Map<Object, Integer> pages) {
    PDOutlineItem item = node.getFirstChild();
    while (item != null && count < MOST && level <= DEEPEST) {
      count++;
      Integer page = page(document, item, pages);
      if (page != null && item.getTitle() != null) {
        byPage
            .computeIfAbsent(page, p -> new ArrayList<>())
            .add(new Bookmark(bare(item.getTitle()), level));
      }
      collect(document, item, level + 1, pages);
      item = item.getNextSibling();
    }
  }

  private static Integer page(PDDocument document, PDOutlineItem item, Map<Object, Integer> pages) {
    try {
      PDPage page = item.findDestinationPage(document);
      return page == null ? null : pages.get(page.getCOSObject());
    } catch (IOException | RuntimeException e) {
      return null;
    }
  }

  /** Whether there are enough to go by. */
  boolean any() {
    return count >= LEAST && !byPage.isEmpty();
  }

  /** Level of the bookmark that a line is the heading of, or begins to be; 0 if there is none. */
  int level(Line line) {
    String bare = bare(line.text());
    if (bare.length() < 2) {
      return 0;
    }
    for (int page : new int[] {line.page(), line.page() - 1}) {
      for (Bookmark mark : byPage.getOrDefault(page, List.of())) {
        boolean begins = bare.length() >= 12 && mark.title().startsWith(bare);
        if (mark.title().equals(bare)
            || begins
            || bare.endsWith(mark.title()) && near(bare, mark)) {
          return mark.level();
        }
      }
    }
    return 0;
  }

  /** A printed number before the title may be missing in the bookmark. */
  private static boolean near(String bare, Bookmark mark) {
    String before = bare.substring(0, bare.length() - mark.title().length());
    return mark.title().length() > 3 && before.matches("(chapter|part|appendix)?[\\divxa-z]{0,6}");
  }

  private static String bare(String title) {
    return title.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "");
  }
}
