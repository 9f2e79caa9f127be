package org.pergamena.formats.publish;

import java.util.Locale;
import java.util.Map;
import org.apache.commons.text.StringEscapeUtils;
import org.pergamena.formats.text.XmlWords;

/** The styles and the list of files of an OpenDocument text. */
final class OdtStyles {
  /** The beginning of the list of files. */
  static final String MANIFEST =
      "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<manifest:manifest"
          + " xmlns:manifest=\"urn:oasis:names:tc:opendocument:xmlns:manifest:1.0\""
          + " manifest:version=\"1.3\"><manifest:file-entry manifest:full-path=\"/\""
          + " manifest:version=\"1.3\""
          + " manifest:media-type=\"application/vnd.oasis.opendocument.text\"/>"
          + "<manifest:file-entry manifest:full-path=\"content.xml\""
          + " manifest:media-type=\"text/xml\"/><manifest:file-entry"
          + " manifest:full-path=\"styles.xml\" manifest:media-type=\"text/xml\"/>";

  private static final double[] HEADINGS = {18, 15, 13, 12, 11, 11};

  private final Template template;
  private final StringBuilder out = new StringBuilder();

  private OdtStyles(Template template) {
    this.template = template;
  }

  static String of(String title, Template template) {
    OdtStyles styles = new OdtStyles(template);
    styles.write(StringEscapeUtils.escapeXml11(XmlWords.of(title)));
    return styles.out.toString();
  }

  private void write(String title) {
    out.append("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<office:document-styles");
    for (Map.Entry<String, String> space : OdtXml.SPACES.entrySet()) {
      out.append(" xmlns:").append(space.getKey()).append("=\"").append(space.getValue());
      out.append('"');
    }
    out.append(" office:version=\"1.3\"><office:styles>");
    String body = template.reading();
    style("Standard", null, "", face(body, template.size(), ""));
    style("TextBody", "Standard", spaced(0, 6) + lines(), "");
    style("Title", "Standard", spaced(140, 12), face(template.heading(), 28, BOLD));
    style("Subtitle", "Standard", spaced(0, 6), face(body, 14, ""));
    style(
        "ContentsHeading",
        "Standard",
        spaced(0, 10) + " fo:break-before=\"page\"",
        face(template.heading(), 18, BOLD));
    for (int i = 1; i <= HEADINGS.length; i++) {
      out.append("<style:style style:name=\"Heading").append(i);
      out.append("\" style:display-name=\"Heading ").append(i);
      out.append("\" style:family=\"paragraph\" style:parent-style-name=\"Standard\"");
      out.append(" style:default-outline-level=\"").append(i).append("\">");
      properties(
          spaced(i == 1 ? 24 : 14, 4) + " fo:keep-with-next=\"always\"",
          face(template.heading(), HEADINGS[i - 1] * template.size() / 11, BOLD));
      out.append("</style:style>");
    }
    for (int i = 1; i <= 3; i++) {
      out.append("<style:style style:name=\"Contents").append(i);
      out.append("\" style:family=\"paragraph\" style:parent-style-name=\"Standard\">");
      out.append("<style:paragraph-properties fo:margin-left=\"").append(12 * (i - 1));
      out.append("pt\"><style:tab-stops><style:tab-stop style:position=\"");
      out.append(453 - 12 * (i - 1)).append("pt\" style:type=\"right\"");
      out.append(" style:leader-style=\"dotted\" style:leader-text=\".\"/></style:tab-stops>");
      out.append("</style:paragraph-properties></style:style>");
    }
    style("Quotations", "TextBody", spaced(0, 6) + " fo:margin-left=\"24pt\"", "");
    style("Quoted", "TextBody", spaced(0, 6) + " fo:margin-left=\"18pt\"", "");
    style("Definition", "TextBody", spaced(0, 6), ITALIC);
    style("Tags", "TextBody", spaced(0, 4), face(body, 10, ITALIC));
    style("NoteHeading", "TextBody", spaced(6, 3), BOLD);
    style("Picture", "Standard", spaced(6, 3) + CENTRED, "");
    style("Caption", "Standard", spaced(0, 10) + CENTRED, face(body, 10, ITALIC));
    style(
        "Reference",
        "Standard",
        spaced(0, 5) + " fo:margin-left=\"24pt\" fo:text-indent=\"-24pt\"",
        "");
    style("Footnote", "Standard", "", face(body, 9.5, ""));
    style("Head", "Standard", " fo:text-align=\"end\"", face(body, 9, ""));
    style("Foot", "Standard", CENTRED, face(body, 9, ""));
    text("Plain", " fo:color=\"#000000\" style:text-underline-style=\"none\"");
    text("Bold", BOLD);
    text("Italic", ITALIC);
    text("BoldItalic", BOLD + ITALIC);
    text("Mark", " fo:font-size=\"10pt\" fo:font-weight=\"normal\"" + ITALIC);
    lists();
    out.append("</office:styles><office:automatic-styles>");
    layout("Page", true);
    layout("First", false);
    out.append("</office:automatic-styles><office:master-styles>");
    out.append("<style:master-page style:name=\"Standard\" style:page-layout-name=\"Page\">");
    out.append("<style:header><text:p text:style-name=\"Head\">").append(title);
    out.append("</text:p></style:header><style:footer><text:p text:style-name=\"Foot\">");
    out.append("<text:page-number text:select-page=\"current\">1</text:page-number></text:p>");
    out.append("</style:footer></style:master-page></office:master-styles>");
    out.append("</office:document-styles>");
  }

  private static final String BOLD = " fo:font-weight=\"bold\"";
  private static final String ITALIC = " fo:font-style=\"italic\"";
  private static final String CENTRED = " fo:text-align=\"center\"";

  private String lines() {
    long share = Math.round(100 * template.lines());
    return " fo:line-height=\"" + share + "%\" fo:orphans=\"2\" fo:widows=\"2\"";
  }

  private static String spaced(double above, double below) {
    return " fo:margin-top=\"" + above + "pt\" fo:margin-bottom=\"" + below + "pt\"";
  }

  private static String face(String name, double size, String more) {
    return String.format(
        Locale.ROOT, " fo:font-family=\"'%s'\" fo:font-size=\"%.1fpt\"%s", name, size, more);
  }

  private void style(String name, String parent, String paragraph, String type) {
    out.append("<style:style style:name=\"").append(name).append("\" style:family=\"paragraph\"");
    out.append(parent == null ? "" : " style:parent-style-name=\"" + parent + "\"").append('>');
    properties(paragraph, type);
    out.append("</style:style>");
  }

  private void properties(String paragraph, String type) {
    out.append(paragraph.isEmpty() ? "" : "<style:paragraph-properties" + paragraph + "/>");
    out.append(type.isEmpty() ? "" : "<style:text-properties" + type + "/>");
  }

  private void text(String name, String type) {
    out.append("<style:style style:name=\"").append(name).append("\" style:family=\"text\">");
    properties("", type);
    out.append("</style:style>");
  }

  private void lists() {
    for (boolean ordered : new boolean[] {false, true}) {
      out.append("<text:list-style style:name=\"").append(ordered ? "Numbered" : "Dotted");
      out.append("\">");
      for (int level = 1; level <= 10; level++) {
        String kind = ordered ? "number" : "bullet";
        out.append("<text:list-level-style-").append(kind).append(" text:level=\"").append(level);
        out.append(
            ordered
                ? "\" style:num-format=\"1\" style:num-suffix=\".\">"
                : "\" text:bullet-char=\"\u2022\">");
        out.append("<style:list-level-properties text:list-level-position-and-space-mode=");
        out.append("\"label-alignment\"><style:list-level-label-alignment");
        out.append(" text:label-followed-by=\"listtab\" fo:text-indent=\"-18pt\"");
        out.append(" fo:margin-left=\"").append(18 * level).append("pt\"/>");
        out.append("</style:list-level-properties></text:list-level-style-").append(kind);
        out.append('>');
      }
      out.append("</text:list-style>");
    }
  }

  private void layout(String name, boolean head) {
    out.append("<style:page-layout style:name=\"").append(name);
    out.append("\"><style:page-layout-properties fo:page-width=\"595pt\"");
    out.append(" fo:page-height=\"842pt\" fo:margin-top=\"50pt\" fo:margin-bottom=\"50pt\"");
    out.append(" fo:margin-left=\"71pt\" fo:margin-right=\"71pt\"/>");
    if (head) {
      out.append("<style:header-style><style:header-footer-properties fo:min-height=\"14pt\"");
      out.append(" fo:margin-bottom=\"14pt\"/></style:header-style><style:footer-style>");
      out.append("<style:header-footer-properties fo:min-height=\"14pt\"");
      out.append(" fo:margin-top=\"14pt\"/></style:footer-style>");
    }
    out.append("</style:page-layout>");
  }
}
