package org.pergamena.formats.publish;

import java.math.BigInteger;
import org.apache.poi.xwpf.usermodel.XWPFAbstractNum;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.apache.poi.xwpf.usermodel.XWPFNumbering;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.CTAbstractNum;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.CTLvl;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.STNumberFormat;

/** The lists of a text document; each begins to count anew. */
final class WordLists {
  /** The deepest level of a list, from 0. */
  static final int DEEPEST = 8;

  private final XWPFDocument document;
  private int made;

  WordLists(XWPFDocument document) {
    this.document = document;
  }

  /** Begins a list; gives its number. */
  BigInteger begin(boolean ordered) {
    XWPFNumbering numbering = document.createNumbering();
    CTAbstractNum list = CTAbstractNum.Factory.newInstance();
    list.setAbstractNumId(BigInteger.valueOf(made++));
    for (int i = 0; i <= DEEPEST; i++) {
      CTLvl level = list.addNewLvl();
      level.setIlvl(BigInteger.valueOf(i));
      level.addNewStart().setVal(BigInteger.ONE);
      level.addNewNumFmt().setVal(ordered ? STNumberFormat.DECIMAL : STNumberFormat.BULLET);
      level.addNewLvlText().setVal(ordered ? "%" + (i + 1) + "." : "\u2022");
      var indent = level.addNewPPr().addNewInd();
      indent.setLeft(BigInteger.valueOf(360L * (i + 1)));
      indent.setHanging(BigInteger.valueOf(300));
    }
    return numbering.addNum(numbering.addAbstractNum(new XWPFAbstractNum(list)));
  }
}
