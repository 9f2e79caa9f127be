package org.pergamena.formats.publish;

import java.util.List;
import java.util.Map;
import org.pergamena.core.publish.Block;
import org.pergamena.core.publish.Citing;
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
  private final StringBuilder text = new StringBuilder();

  private Latex(Publication publication) {
    this.publication = publication;
    this.report = publication.report();
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
    publication.told(report.blocks()).forEach(this::write);
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
      boolean noted = passage.cited().stream().anyMatch(run -> !run.footnote().isEmpty());
      String cited = passage.cited().isEmpty() || noted ? "" : " ";
      line("\u201c" + escaped(passage.words()) + "\u201d" + cited + said(passage.cited()));
      line("\\end{quote}");
    } else if (block instanceof Block.Figure figure && !figure.alt().isBlank()) {
      line("% a picture: " + figure.alt().replaceAll("\\s+", " "));
    }
  }

  private static String said(Block.Paragraph paragraph) {
    String line = said(paragraph.runs());
    return switch (paragraph.kind()) {
      case TAGS, ALSO -> "\\textit{" + line + "}";
      case NOTE_HEADING -> "\\textbf{" + line + "}";
      default -> line;
    };
  }

  private static String said(List<Block.Run> runs) {
    StringBuilder line = new StringBuilder();
    for (Block.Run run : runs) {
      if (!run.footnote().isEmpty()) {
        line.append("\\footnote{").append(said(run.footnote())).append("}");
        continue;
      }
      String words = escaped(run.words()).replace("\n", "\\\\\n");
      words = run.bold() ? "\\textbf{" + words + "}" : words;
      words = run.italic() ? "\\textit{" + words + "}" : words;
      if (run.address() != null && run.address().startsWith("#")) {
        words = "\\hyperref[t" + run.address().substring(1) + "]{" + words + "}";
      } else if (run.address() != null) {
        String address = run.address().replaceAll("([%#\\\\{}])", "\\\\$1");
        words = "\\href{" + address + "}{" + words + "}";
      }
      line.append(words);
    }
    return line.toString();
  }

  private void references() {
    if (report.references().isEmpty()) {
      return;
    }
    text.append('\n');
    line("\\section*{References}");
    line("\\begin{list}{}{\\setlength{\\leftmargin}{1.5em}\\setlength{\\itemindent}{-1.5em}}");
    for (Citing.Entry entry : report.references()) {
      String label = entry.label().isEmpty() ? "" : escaped(entry.label()) + " ";
      line("\\item[] " + label + said(entry.runs()));
    }
    line("\\end{list}");
  }
}
