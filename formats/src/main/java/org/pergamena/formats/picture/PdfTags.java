package org.pergamena.formats.picture;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentCatalog;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDMetadata;
import org.apache.pdfbox.pdmodel.common.PDNumberTreeNode;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDMarkInfo;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDParentTreeValue;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureTreeRoot;
import org.apache.pdfbox.pdmodel.documentinterchange.markedcontent.PDPropertyList;
import org.apache.pdfbox.pdmodel.documentinterchange.taggedpdf.StandardStructureTypes;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;
import org.pergamena.formats.text.XmlWords;

/**
 * Tells those who do not see a drawing what it is (PDF/UA-1, ISO 14289-1): each page is a figure
 * with words in its place.
 */
final class PdfTags {
  private static final String METADATA =
      """
      <?xpacket begin="\uFEFF" id="W5M0MpCehiHzreSzNTczkc9d"?>
      <x:xmpmeta xmlns:x="adobe:ns:meta/">
        <rdf:RDF xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#">
          <rdf:Description rdf:about="" xmlns:dc="http://purl.org/dc/elements/1.1/"
              xmlns:pdfuaid="http://www.aiim.org/pdfua/ns/id/">
            <dc:title><rdf:Alt><rdf:li xml:lang="x-default">%s</rdf:li></rdf:Alt></dc:title>
            <pdfuaid:part>1</pdfuaid:part>
          </rdf:Description>
        </rdf:RDF>
      </x:xmpmeta>
      <?xpacket end="w"?>""";

  private final PDDocument document;
  private final String words;
  private final PDStructureElement whole;
  private final PDNumberTreeNode parents = new PDNumberTreeNode(PDParentTreeValue.class);
  private final Map<Integer, PDParentTreeValue> figures = new HashMap<>();

  /**
   * Begins to tag a document.
   *
   * @param words that stand for each page
   */
  PdfTags(PDDocument document, String title, String language, String words) throws IOException {
    this.document = document;
    this.words = words;
    document.getDocumentInformation().setTitle(title);
    document.setVersion(1.7f);
    PDDocumentCatalog catalog = document.getDocumentCatalog();
    catalog.setLanguage(language);
    PDMarkInfo marked = new PDMarkInfo();
    marked.setMarked(true);
    catalog.setMarkInfo(marked);
    PDViewerPreferences shown = new PDViewerPreferences(new COSDictionary());
    shown.setDisplayDocTitle(true);
    catalog.setViewerPreferences(shown);
    String escaped = XmlWords.of(title).replace("&", "&amp;").replace("<", "&lt;");
    byte[] metadata = METADATA.formatted(escaped).getBytes(StandardCharsets.UTF_8);
    catalog.setMetadata(new PDMetadata(document, new ByteArrayInputStream(metadata)));
    PDStructureTreeRoot root = new PDStructureTreeRoot();
    catalog.setStructureTreeRoot(root);
    root.setParentTree(parents);
    whole = new PDStructureElement(StandardStructureTypes.DOCUMENT, root);
    root.appendKid(whole);
  }

  /** Draws what means nothing. */
  static void aside(PDPageContentStream content, Drawn drawn) throws IOException {
    content.beginMarkedContent(COSName.ARTIFACT);
    drawn.draw();
    content.endMarkedContent();
  }

  /** Draws the figure of a page. */
  void figure(PDPageContentStream content, PDPage page, Drawn drawn) throws IOException {
    int number = figures.size();
    PDStructureElement figure = new PDStructureElement(StandardStructureTypes.Figure, whole);
    figure.setPage(page);
    figure.setAlternateDescription(words);
    figure.appendKid(0);
    whole.appendKid(figure);
    page.setStructParents(number);
    COSArray within = new COSArray();
    within.add(figure);
    figures.put(number, new PDParentTreeValue(within));
    COSDictionary properties = new COSDictionary();
    properties.setInt(COSName.MCID, 0);
    content.beginMarkedContent(
        COSName.getPDFName(StandardStructureTypes.Figure), PDPropertyList.create(properties));
    drawn.draw();
    content.endMarkedContent();
  }

  /** Puts down which figure stands on which page. */
  void end() {
    parents.setNumbers(figures);
    document.getDocumentCatalog().getStructureTreeRoot().setParentTreeNextKey(figures.size());
  }

  /** Something that is drawn. */
  @FunctionalInterface
  interface Drawn {
    void draw() throws IOException;
  }
}
