package org.pergamena.formats.citation;

import java.util.ArrayList;
import java.util.List;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.nodes.TextNode;
import org.pergamena.core.publish.Block;

/** Reads what the processor writes, which is HTML, as words in their manner. */
final class Runs {
  private final List<Block.Run> runs = new ArrayList<>();

  private Runs() {}

  static List<Block.Run> of(Element element) {
    Runs all = new Runs();
    all.read(element, false, false, null);
    return all.trimmed();
  }

  /** Several citations in one pair of brackets, apart by semicolons. */
  static List<Block.Run> joined(List<List<Block.Run>> parts) {
    Runs all = new Runs();
    for (int i = 0; i < parts.size(); i++) {
      List<Block.Run> part = parts.get(i);
      for (int j = 0; j < part.size(); j++) {
        Block.Run run = part.get(j);
        String words = run.words();
        words = i > 0 && j == 0 ? "; " + words.replaceFirst("^[(\\[]", "") : words;
        boolean ends = i < parts.size() - 1 && j == part.size() - 1;
        all.add(ends ? words.replaceFirst("[)\\].]$", "") : words, run);
      }
    }
    return all.runs;
  }

  private void add(String words, Block.Run like) {
    add(words, like.bold(), like.italic(), like.address());
  }

  private void read(Node node, boolean bold, boolean italic, String address) {
    for (Node child : node.childNodes()) {
      if (child instanceof TextNode text) {
        add(text.getWholeText().replaceAll("[\\n\\t ]+", " "), bold, italic, address);
      } else if (child instanceof Element element) {
        String style = element.attr("style");
        boolean strong = element.normalName().equals("b") || style.contains("bold");
        boolean slanted = element.normalName().equals("i") || style.contains("italic");
        boolean upright = style.contains("font-style: normal");
        String link = element.normalName().equals("a") ? element.attr("href") : address;
        read(element, bold || strong, (italic || slanted) && !upright, link);
      }
    }
  }

  private void add(String words, boolean bold, boolean italic, String address) {
    Block.Run run = new Block.Run(words, bold, italic, address);
    int last = runs.size() - 1;
    if (last >= 0 && runs.get(last).saying("").equals(run.saying(""))) {
      runs.set(last, runs.get(last).saying(runs.get(last).words() + words));
    } else if (!words.isEmpty()) {
      runs.add(run);
    }
  }

  private List<Block.Run> trimmed() {
    if (!runs.isEmpty()) {
      runs.set(0, runs.get(0).saying(runs.get(0).words().stripLeading()));
      int last = runs.size() - 1;
      runs.set(last, runs.get(last).saying(runs.get(last).words().stripTrailing()));
    }
    runs.removeIf(run -> run.words().isEmpty());
    return runs;
  }
}
