package org.pergamena.formats.web;

import java.util.List;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.pergamena.formats.document.Rows;

/** Tables of a page as text, before an article is looked for, which would lose small ones. */
final class PageTables {
  private PageTables() {}

  /** Puts a paragraph a row in place of each table that holds no other and names its columns. */
  static void toParagraphs(Document page) {
    for (Element table : page.select("table:has(th):not(:has(table))")) {
      Element caption = table.selectFirst("caption");
      if (caption != null) {
        table.before(new Element("p").text(caption.text()));
      }
      List<String> header = List.of();
      for (Element row : table.select("tr")) {
        List<String> cells = row.children().stream().map(cell -> cell.text().strip()).toList();
        boolean names = row.children().stream().allMatch(cell -> cell.normalName().equals("th"));
        if (names && cells.size() > 1) {
          header = cells;
        } else {
          table.before(new Element("p").text(Rows.sentence(header, cells)));
        }
      }
      table.remove();
    }
  }
}
