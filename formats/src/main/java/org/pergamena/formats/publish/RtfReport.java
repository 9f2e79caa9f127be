package org.pergamena.formats.publish;

import java.util.List;
import org.pergamena.core.publish.Block;
import org.pergamena.core.publish.Citing;
import org.pergamena.core.publish.Report;

/**
 * A report as RTF (specification 1.9.1): headings in real styles, notes with their formatting,
 * quotes with citations or footnotes, references; without pictures.
 */
final class RtfReport {
  private static final int DEEPEST = 6;
  private static final int[] SIZES = {36, 30, 26, 24, 22, 22}; // half points
  private static final int QUOTE = 10;
  private static final int REFERENCE = 11;
  private static final int FOOTNOTE = 12;

  private final Publication publication;
  private final Report report;
  private final StringBuilder out = new StringBuilder();

  private RtfReport(Publication publication) {
    this.publication = publication;
    this.report = publication.report();
  }

  static String of(Publication publication) {
    RtfReport rtf = new RtfReport(publication);
    rtf.write();
    return rtf.out.toString();
  }

  /** Words without the marks that RTF reads; other than ASCII as numbers of code units. */
  static String escaped(String words) {
    StringBuilder said = new StringBuilder();
    for (char c : words.toCharArray()) {
      if (c == '\\' || c == '{' || c == '}') {
        said.append('\\').append(c);
      } else if (c == '\n') {
        said.append("\\line ");
      } else if (c == '\t') {
        said.append("\\tab ");
      } else if (c >= ' ' && c < 127) {
        said.append(c);
      } else if (c > 127) {
        said.append("\\u").append((short) c).append('?');
      }
    }
    return said.toString();
  }

  private void write() {
    out.append("{\\rtf1\\ansi\\ansicpg1252\\uc1\\deff0\n{\\fonttbl{\\f0\\froman Georgia;}}\n");
    out.append("{\\stylesheet{\\s0\\f0\\fs22\\sa120 Normal;}\n");
    for (int i = 1; i <= DEEPEST; i++) {
      out.append("{\\s").append(i).append(heading(i)).append(" heading ").append(i).append(";}\n");
    }
    out.append("{\\s").append(QUOTE).append("\\li480\\f0\\fs22\\sa120 Quote;}\n");
    out.append("{\\s").append(REFERENCE).append("\\li480\\fi-480\\f0\\fs22\\sa100 Reference;}\n");
    out.append("{\\s").append(FOOTNOTE).append("\\f0\\fs19 footnote text;}}\n");
    String title = escaped(report.title());
    out.append("{\\info{\\title ").append(title).append("}}\n\\paperw11906\\paperh16838\n");
    out.append("{\\header\\pard\\qr\\f0\\fs18 ").append(title).append("\\par}\n");
    out.append("{\\footer\\pard\\qc\\f0\\fs18\\chpgn\\par}\n");
    out.append("\\pard\\sb2400\\f0\\fs56\\b ").append(title).append("\\b0\\par\n");
    for (String line : publication.front().lines()) {
      out.append("\\pard\\sb60\\f0\\fs28 ").append(escaped(line)).append("\\par\n");
    }
    out.append("\\page\n");
    publication.told(report.blocks()).forEach(block -> write(block, 0));
    references();
    out.append("}\n");
  }

  private static String heading(int level) {
    return "\\sb240\\sa80\\keepn\\outlinelevel" + (level - 1) + "\\f0\\b\\fs" + SIZES[level - 1];
  }

  private void write(Block block, int depth) {
    if (block instanceof Block.Heading heading) {
      int level = Math.min(heading.level(), DEEPEST);
      out.append("\\pard\\plain\\s").append(level).append(heading(level)).append(' ');
      out.append(escaped(heading.named()));
      if (!heading.mark().isEmpty()) {
        out.append("{\\b0\\i\\fs20  ").append(heading.mark()).append('}');
      }
      out.append("\\par\n");
    } else if (block instanceof Block.Paragraph paragraph) {
      begin(depth);
      boolean slanted =
          paragraph.kind() == Block.Kind.TAGS || paragraph.kind() == Block.Kind.DEFINITION;
      boolean strong = paragraph.kind() == Block.Kind.NOTE_HEADING;
      out.append(slanted ? "{\\i " : strong ? "{\\b " : "{");
      runs(paragraph.runs());
      out.append("}\\par\n");
    } else if (block instanceof Block.Items items) {
      items(items, depth);
    } else if (block instanceof Block.Quoted quoted) {
      quoted.blocks().forEach(within -> write(within, depth + 1));
    } else if (block instanceof Block.Passage passage) {
      out.append("\\pard\\plain\\s").append(QUOTE).append("\\li480\\f0\\fs22\\sa120 ");
      out.append(escaped("\u201c" + passage.words() + "\u201d"));
      boolean noted = passage.cited().stream().anyMatch(run -> !run.footnote().isEmpty());
      out.append(passage.cited().isEmpty() || noted ? "" : " ");
      runs(passage.cited());
      out.append("\\par\n");
    } else if (block instanceof Block.Figure figure && !figure.alt().isBlank()) {
      begin(depth);
      out.append("{\\i [").append(escaped(figure.alt())).append("]}\\par\n");
    }
  }

  private void begin(int depth) {
    out.append("\\pard\\plain\\s0\\f0\\fs22\\sa120");
    out.append(depth > 0 ? "\\li" + 360 * depth : "").append(' ');
  }

  private void items(Block.Items items, int depth) {
    int number = 0;
    for (List<Block> item : items.items()) {
      number++;
      boolean first = true;
      for (Block block : item) {
        if (first && block instanceof Block.Paragraph paragraph) {
          out.append("\\pard\\plain\\s0\\f0\\fs22\\sa60\\fi-300\\li").append(360 * (depth + 1));
          out.append(' ').append(items.ordered() ? number + "." : "\\bullet ").append("\\tab ");
          runs(paragraph.runs());
          out.append("\\par\n");
        } else {
          write(block, depth + 1);
        }
        first = false;
      }
    }
  }

  private void runs(List<Block.Run> runs) {
    for (Block.Run run : runs) {
      if (!run.footnote().isEmpty()) {
        out.append("{\\super\\chftn}{\\footnote\\pard\\plain\\s").append(FOOTNOTE);
        out.append("\\f0\\fs19 {\\super\\chftn} ");
        runs(run.footnote());
        out.append('}');
        continue;
      }
      String address = run.address();
      boolean leads = address != null && !address.startsWith("#");
      if (leads) {
        String bare = address.replaceAll("[\"\\\\{}]", "");
        out.append("{\\field{\\*\\fldinst HYPERLINK \"").append(escaped(bare));
        out.append("\"}{\\fldrslt ");
      }
      out.append('{').append(run.bold() ? "\\b" : "").append(run.italic() ? "\\i" : "");
      out.append(run.bold() || run.italic() ? " " : "").append(escaped(run.words())).append('}');
      out.append(leads ? "}}" : "");
    }
  }

  private void references() {
    if (report.references().isEmpty()) {
      return;
    }
    out.append("\\pard\\plain\\s1").append(heading(1)).append(" References\\par\n");
    for (Citing.Entry entry : report.references()) {
      out.append("\\pard\\plain\\s").append(REFERENCE).append("\\li480\\fi-480\\f0\\fs22\\sa100 ");
      out.append(entry.label().isEmpty() ? "" : escaped(entry.label()) + "\\tab ");
      runs(entry.runs());
      out.append("\\par\n");
    }
  }
}
