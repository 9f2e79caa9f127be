package org.pergamena.formats.pdf;

import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDMarkedContentReference;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureTreeRoot;

/** The headings that a tagged PDF says it has (ISO 32000-1:2008, 14.8.4). */
final class Tags {
  private static final Pattern HEADING = Pattern.compile("H([1-6])?");
  private static final int DEEPEST = 60;

  private final Map<COSDictionary, Map<Integer, Integer>> levels = new IdentityHashMap<>();

  Tags(PDDocument document) {
    PDStructureTreeRoot root = document.getDocumentCatalog().getStructureTreeRoot();
    if (root != null) {
      for (Object kid : root.getKids()) {
        if (kid instanceof PDStructureElement element) {
          walk(element, 0, 0);
        }
      }
    }
  }

  private void walk(PDStructureElement element, int above, int depth) {
    if (depth > DEEPEST) {
      return;
    }
    int own = level(element.getStandardStructureType());
    int level = own > 0 ? own : above;
    for (Object kid : element.getKids()) {
      if (kid instanceof PDStructureElement below) {
        walk(below, level, depth + 1);
      } else if (level > 0 && kid instanceof Integer mcid && element.getPage() != null) {
        put(element.getPage(), mcid, level);
      } else if (level > 0 && kid instanceof PDMarkedContentReference reference) {
        PDPage page = reference.getPage() == null ? element.getPage() : reference.getPage();
        if (page != null) {
          put(page, reference.getMCID(), level);
        }
      }
    }
  }

  private void put(PDPage page, int mcid, int level) {
    levels.computeIfAbsent(page.getCOSObject(), p -> new HashMap<>()).put(mcid, level);
  }

  /** Level of the heading that a piece of content belongs to, 0 if it belongs to none. */
  int heading(PDPage page, COSName tag, COSDictionary properties) {
    int named = tag == null ? 0 : level(tag.getName());
    if (named > 0 || properties == null || page == null) {
      return named;
    }
    int mcid = properties.getInt(COSName.MCID, -1);
    return levels.getOrDefault(page.getCOSObject(), Map.of()).getOrDefault(mcid, 0);
  }

  private static int level(String type) {
    Matcher heading = HEADING.matcher(String.valueOf(type));
    return !heading.matches()
        ? 0
        : heading.group(1) == null ? 1 : Integer.parseInt(heading.group(1));
  }
}
