package org.pergamena.formats.publish;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.pergamena.core.publish.Block;
import org.pergamena.core.publish.Report;

/**
 * A report as a LaTeX source, for pdflatex, xelatex or lualatex with the packages that all have.
 */
final class Latex {
  private static final List<String> LEVELS =
      List.of("section", "subsection", "subsubsection", "paragraph", "subparagraph");
  private static final Map<Character, String> MEANT =
      Map.ofEntries(
          Map.entry('\\', "\\textbackslash{}"),
          Map.entry('{', "\\{"),
          Map.entry('}', "\\}"),
          Map.entry('$', "\\$"),
          Map.entry('&', "\\&"),
          Map.entry('#', "\\#"),
          Map.entry('%', "\\%"),
          Map.entry('_', "\\_"),
          Map.entry('^', "\\textasciicircum{}"),
          Map.entry('~', "\\textasciitilde{}"),
          Map.entry('\u2192', "$\\rightarrow$"),
          Map.entry('\u2194', "$\\leftrightarrow$"));

  private final Publication publication;
  private final Report report;
  private final Map<UUID, Publication.Work> works = new HashMap<>();
  private final StringBuilder text = new StringBuilder();

  private Latex(Publication publication) {
    this.publication = publication;
    this.report = Report.of(publication.published(), publication.sources(), Notes::read);
    publication.works().forEach(work -> works.put(work.source(), work));
  }

  static String of(Publication publication) {
    Latex latex = new Latex(publication);
    latex.write();
    return latex.text.toString();
  }

  private static String escaped(String words) {
    StringBuilder escaped = new StringBuilder(words.length() + 16);
    for (int i = 0; i < words.length(); i++) {
      String meant = MEANT.get(words.charAt(i));
      escaped.append(meant == null ? String.valueOf(words.charAt(i)) : meant);
    }
    return escaped.toString();
  }

  private void line(String words) {
    text.append(words).append('\n');
  }

  private void write() {
    line("\\documentclass[11pt,a4paper]{article}");
    line("\\usepackage{iftex}");
    line("\\ifPDFTeX\\usepackage[T1]{fontenc}\\usepackage[utf8]{inputenc}\\fi");
    line("\\usepackage{hyperref}");
    line("\\setcounter{secnumdepth}{" + (publication.map().look().numbered() ? 5 : 0) + "}");
    Publication.Front front = publication.front();
    line(
        "\\title{"
            + escaped(report.title())
            + (front.subtitle().isBlank() ? "" : "\\\\\\large " + escaped(front.subtitle()))
            + "}");
    String by = front.author();
    by += (by.isEmpty() || front.institution().isBlank() ? "" : ", ") + front.institution();
    line("\\author{" + escaped(by) + "}");
    line("\\date{" + escaped(front.date()) + "}");
    line("\\begin{document}");
    line("\\maketitle");
    line("\\tableofcontents");
    report.blocks().forEach(this::write);
    references();
    line("\\end{document}");
  }

  private void write(Block block) {
    if (block instanceof Block.Heading heading) {
      String level = LEVELS.get(Math.min(heading.level(), LEVELS.size()) - 1);
      String mark = heading.mark().isEmpty() ? "" : " \\textit{\\small " + heading.mark() + "}";
      text.append('\n');
      line(
          "\\"
              + level
              + "["
              + escaped(heading.words()).replace("]", "{]}")
              + "]{"
              + escaped(heading.words())
              + mark
              + "}\\label{t"
              + heading.topic()
              + "}");
    } else if (block instanceof Block.Paragraph paragraph) {
      text.append('\n');
      line(said(paragraph));
    } else if (block instanceof Block.Items items) {
      String kind = items.ordered() ? "enumerate" : "itemize";
      line("\\begin{" + kind + "}");
      for (List<Block> item : items.items()) {
        line("\\item");
        item.forEach(this::write);
      }
      line("\\end{" + kind + "}");
    } else if (block instanceof Block.Quoted quoted) {
      line("\\begin{quote}");
      quoted.blocks().forEach(this::write);
      line("\\end{quote}");
    } else if (block instanceof Block.Passage passage) {
      line("\\begin{quote}");
      String cited = publication.cited(passage.source(), passage.place());
      line("\u201c" + escaped(passage.words()) + "\u201d (" + escaped(cited) + ")");
      line("\\end{quote}");
    } else if (block instanceof Block.Figure figure && !figure.alt().isBlank()) {
      line("% a picture: " + figure.alt().replaceAll("\\s+", " "));
    }
  }

  private static String said(Block.Paragraph paragraph) {
    StringBuilder line = new StringBuilder();
    for (Block.Run run : paragraph.runs()) {
      String words = escaped(run.words()).replace("\n", "\\\\\n");
      words = run.bold() ? "\\textbf{" + words + "}" : words;
      words = run.italic() ? "\\textit{" + words + "}" : words;
      if (run.address() != null) {
        String address = run.address().replaceAll("([%#\\\\{}])", "\\\\$1");
        words = "\\href{" + address + "}{" + words + "}";
      }
      line.append(words);
    }
    return switch (paragraph.kind()) {
      case TAGS, ALSO -> "\\textit{" + line + "}";
      case NOTE_HEADING -> "\\textbf{" + line + "}";
      default -> line.toString();
    };
  }

  private void references() {
    if (report.cited().isEmpty()) {
      return;
    }
    text.append('\n');
    line("\\section*{Sources}");
    line("\\begin{itemize}");
    for (UUID source : report.cited()) {
      Publication.Work work = works.get(source);
      line(work == null ? "" : "\\item " + escaped(work.reference()));
    }
    line("\\end{itemize}");
  }
}
