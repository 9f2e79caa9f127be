package org.pergamena.formats.publish;

import java.io.IOException;
import javax.xml.namespace.QName;
import org.apache.poi.openxml4j.exceptions.InvalidFormatException;
import org.apache.poi.xwpf.usermodel.Document;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.apache.poi.xwpf.usermodel.XWPFPicture;
import org.apache.xmlbeans.XmlCursor;

/** Pictures of text documents that are lines for those who know that, and pixels for others. */
final class WordPictures {
  private static final String DRAWING = "http://schemas.openxmlformats.org/drawingml/2006/main";
  private static final String LINES = "http://schemas.microsoft.com/office/drawing/2016/SVG/main";
  private static final String RELATIONS =
      "http://schemas.openxmlformats.org/officeDocument/2006/relationships";

  /** Names the extension of a picture by an SVG ([MS-ODRAWXML], 2.3.1.22). */
  private static final String EXTENSION = "{96DAC541-7B7A-43D3-8B79-37D633B846F1}";

  private WordPictures() {}

  /** Adds an SVG to a picture of pixels, which stays for those who do not show it. */
  static void alsoAsLines(XWPFDocument document, XWPFPicture picture, byte[] svg)
      throws IOException {
    try {
      String id = document.addPictureData(svg, Document.PICTURE_TYPE_SVG);
      var blip = picture.getCTPicture().getBlipFill().getBlip();
      var extension = blip.addNewExtLst().addNewExt();
      extension.setUri(EXTENSION);
      try (XmlCursor cursor = extension.newCursor()) {
        cursor.toEndToken();
        cursor.beginElement(new QName(LINES, "svgBlip", "asvg"));
        cursor.insertAttributeWithValue(new QName(RELATIONS, "embed", "r"), id);
      }
      if (!DRAWING.equals(extension.getDomNode().getNamespaceURI())) {
        throw new IOException("The picture's extension is not where it belongs.");
      }
    } catch (InvalidFormatException e) {
      throw new IOException(e);
    }
  }
}
