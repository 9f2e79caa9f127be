package org.pergamena.formats.publish;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import org.apache.poi.wp.usermodel.HeaderFooterType;
import org.apache.poi.xwpf.usermodel.ParagraphAlignment;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.apache.poi.xwpf.usermodel.XWPFParagraph;
import org.apache.poi.xwpf.usermodel.XWPFStyle;
import org.apache.poi.xwpf.usermodel.XWPFStyles;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.CTPPrGeneral;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.CTRPr;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.CTStyle;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.STFldCharType;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.STJc;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.STLineSpacingRule;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.STStyleType;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.STTabJc;

/** The styles of a report as a text document, by the names that word processors know. */
final class WordStyles {
  /** The deepest heading that has a style of its own. */
  static final int DEEPEST = 6;

  private static final double[] SIZES = {18, 15, 13, 12, 11, 11};

  private final List<CTStyle> made = new ArrayList<>();

  private final Template template;

  private WordStyles(Template template) {
    this.template = template;
  }

  /** Defines what the document does not define itself. */
  static void define(XWPFDocument document, Template template) {
    WordStyles all = new WordStyles(template);
    all.define();
    XWPFStyles styles =
        document.getStyles() == null ? document.createStyles() : document.getStyles();
    // once they are whole: the document keeps copies
    all.made.stream()
        .filter(style -> styles.getStyle(style.getStyleId()) == null)
        .forEach(style -> styles.addStyle(new XWPFStyle(style)));
  }

  private void define() {
    style("Normal", "Normal", 11, false, false);
    space(style("Title", "Title", 28, true, false), 2400, 240);
    space(style("Subtitle", "Subtitle", 14, false, false), 0, 120);
    for (int i = 1; i <= DEEPEST; i++) {
      CTStyle heading = style("Heading" + i, "heading " + i, SIZES[i - 1], true, false);
      CTPPrGeneral paragraph = space(heading, i == 1 ? 480 : 280, 80);
      paragraph.addNewKeepNext();
      paragraph.addNewOutlineLvl().setVal(BigInteger.valueOf(i - 1L));
    }
    for (int i = 1; i <= 3; i++) {
      CTPPrGeneral line = space(style("TOC" + i, "toc " + i, 11, i == 1, false), 0, 40);
      indent(line, 240L * (i - 1));
      var tab = line.addNewTabs().addNewTab();
      tab.setVal(STTabJc.RIGHT);
      tab.setPos(BigInteger.valueOf(9060));
    }
    space(style("ContentsHeading", "Contents Heading", 18, true, false), 0, 200);
    space(style("BodyText", "Body Text", 11, false, false), 0, 120);
    space(style("Definition", "Definition", 11, false, true), 0, 120);
    space(style("Tags", "Tags", 10, false, true), 0, 80);
    space(style("NoteHeading", "Note Heading", 11, true, false), 120, 60);
    space(style("Relation", "Relation", 11, false, false), 0, 80);
    indent(space(style("Quote", "Quote", 11, false, false), 0, 120), 480);
    space(style("FootnoteText", "footnote text", 9.5, false, false), 0, 40);
    CTPPrGeneral picture = space(style("Picture", "Picture", 11, false, false), 120, 60);
    picture.getSpacing().unsetLine(); // a picture is as high as it is
    picture.addNewJc().setVal(STJc.CENTER);
    CTPPrGeneral caption = space(style("Caption", "caption", 10, false, true), 0, 200);
    caption.addNewJc().setVal(STJc.CENTER);
    CTPPrGeneral reference = space(style("Reference", "Reference", 11, false, false), 0, 100);
    var hanging = reference.addNewInd();
    hanging.setLeft(BigInteger.valueOf(480));
    hanging.setHanging(BigInteger.valueOf(480));
  }

  private CTStyle style(String id, String name, double size, boolean bold, boolean italic) {
    CTStyle style = CTStyle.Factory.newInstance();
    style.setType(STStyleType.PARAGRAPH);
    style.setStyleId(id);
    style.addNewName().setVal(name);
    if (!id.equals("Normal")) {
      style.addNewBasedOn().setVal("Normal");
    }
    style.addNewQFormat();
    CTRPr run = style.addNewRPr();
    var fonts = run.addNewRFonts();
    boolean heading = id.startsWith("Heading") || id.equals("Title");
    fonts.setAscii(heading ? template.heading() : template.reading());
    fonts.setHAnsi(heading ? template.heading() : template.reading());
    run.addNewSz().setVal(BigInteger.valueOf(Math.round(2 * size * template.size() / 11)));
    if (bold) {
      run.addNewB();
    }
    if (italic) {
      run.addNewI();
    }
    made.add(style);
    return style;
  }

  private CTPPrGeneral space(CTStyle style, int before, int after) {
    CTPPrGeneral paragraph = style.addNewPPr();
    var spacing = paragraph.addNewSpacing();
    spacing.setBefore(BigInteger.valueOf(before));
    spacing.setAfter(BigInteger.valueOf(after));
    spacing.setLine(BigInteger.valueOf(Math.round(240 * template.lines())));
    spacing.setLineRule(STLineSpacingRule.AUTO);
    return paragraph;
  }

  private static void indent(CTPPrGeneral paragraph, long left) {
    paragraph.addNewInd().setLeft(BigInteger.valueOf(left));
  }

  /** The title at the head of each page, its number at the foot. */
  static void runningHead(XWPFDocument document, String title) {
    XWPFParagraph head = document.createHeader(HeaderFooterType.DEFAULT).createParagraph();
    head.setAlignment(ParagraphAlignment.RIGHT);
    head.createRun().setText(title);
    XWPFParagraph foot = document.createFooter(HeaderFooterType.DEFAULT).createParagraph();
    foot.setAlignment(ParagraphAlignment.CENTER);
    field(foot, "PAGE", "1");
  }

  /** A field that the word processor fills in when the document is opened. */
  static void field(XWPFParagraph paragraph, String code, String filled) {
    var begin = paragraph.createRun().getCTR().addNewFldChar();
    begin.setFldCharType(STFldCharType.BEGIN);
    begin.setDirty(true);
    paragraph.createRun().getCTR().addNewInstrText().setStringValue(" " + code + " ");
    paragraph.createRun().getCTR().addNewFldChar().setFldCharType(STFldCharType.SEPARATE);
    paragraph.createRun().setText(filled);
    paragraph.createRun().getCTR().addNewFldChar().setFldCharType(STFldCharType.END);
  }
}
