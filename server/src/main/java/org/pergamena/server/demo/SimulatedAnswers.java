package org.pergamena.server.demo;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What the simulated assistant says to a brief, by rules, out of what goes along with it. */
final class SimulatedAnswers {
  private static final Pattern LABEL = Pattern.compile("(?m)^( *)- (\\S.*)$");
  private static final Pattern PASSAGE = Pattern.compile("(?m)^\\[(p[0-9a-f]+)] (.*)$");
  private static final Pattern TOPIC =
      Pattern.compile("(?m)^(t[0-9a-f]{6,32}): (.*)((?:\\n  .*)*)");
  private static final Pattern SUBJECT = Pattern.compile("\u201c([^\u201d]+)\u201d");
  private static final Pattern LANGUAGE = Pattern.compile("(?m)^Write in (.*)\\.$");
  private static final int MOST_POINTS = 12;
  private static final int LABEL_WORDS = 6;
  private static final int UNDER_ONE = 4;
  private static final int INDENT = 2;
  private static final int SMALL = 3;

  private SimulatedAnswers() {}

  static String to(String brief) {
    if (brief.contains("x-refuse")) {
      return "I'm sorry, but I can't help with that request.";
    }
    String answer = answer(brief);
    return brief.contains("x-faulty") ? faulty(answer) : "```markdown\n" + answer + "```\n";
  }

  private static String answer(String brief) {
    if (brief.contains("Name topics of a map")) {
      return names(brief);
    }
    List<String> labels = new ArrayList<>();
    int end = brief.indexOf("\nPassages:");
    Matcher label = LABEL.matcher(end < 0 ? brief : brief.substring(0, end));
    List<String> mains = new ArrayList<>();
    while (label.find()) {
      labels.add(label.group(2).strip());
      if (label.group(1).length() == INDENT) {
        mains.add(label.group(2).strip());
      }
    }
    Map<String, String> passages = new LinkedHashMap<>();
    Matcher passage = PASSAGE.matcher(brief);
    while (passage.find()) {
      passages.put(passage.group(1), passage.group(2));
    }
    Matcher named = SUBJECT.matcher(brief);
    String subject = named.find() ? named.group(1) : "The subject";
    if (brief.startsWith("Define") || brief.contains("\nDefine")) {
      return each(labels, what -> "what the sources call " + what.toLowerCase(Locale.ROOT));
    } else if (brief.contains("Translate the label")) {
      Matcher language = LANGUAGE.matcher(brief);
      String into = language.find() ? language.group(1) : "another language";
      return each(labels, what -> what + " (" + into + ")");
    } else if (brief.contains("Name the terms")) {
      return terms(labels, subject);
    }
    return outline(subject, mains, passages);
  }

  /**
   * Names for topics, good and bad by turns: the second that is offered, what stands beside it, a
   * word that nobody said, a sentence, none at all; and one for a topic that is not there.
   */
  private static String names(String brief) {
    StringBuilder out = new StringBuilder();
    Matcher topic = TOPIC.matcher(brief);
    for (int i = 0; topic.find(); i++) {
      String[] offered = said("Offered", topic.group(3)).split("; ");
      String better = offered[offered.length > 1 ? 1 : 0];
      String name = better.isEmpty() ? topic.group(2) : better;
      switch (i % 7) {
        case 2 -> name = said("Beside", topic.group(3)).split("; ")[0];
        case 4 -> name = "Stakeholder " + name.toLowerCase(Locale.ROOT);
        case 5 -> name = "This topic is all about " + name + " and why it matters to everybody";
        case 6 -> name = "";
        default -> {}
      }
      if (!name.isEmpty()) {
        out.append("- " + topic.group(1) + ": " + (i % 2 == 0 ? name : "**" + name + "**") + "\n");
      }
    }
    return out + "- t0000000: Outlook\n";
  }

  private static String said(String what, String lines) {
    Matcher line = Pattern.compile("(?m)^  " + what + ": (.*)$").matcher(lines);
    return line.find() ? line.group(1) : "";
  }

  private static String each(List<String> labels, UnaryOperator<String> said) {
    StringBuilder out = new StringBuilder();
    labels.stream()
        .limit(MOST_POINTS)
        .forEach(what -> out.append("- " + what + ": " + said.apply(what) + "\n"));
    return out.toString();
  }

  private static String terms(List<String> labels, String subject) {
    StringBuilder out = new StringBuilder("| Term | Definition |\n|---|---|\n");
    List<String> some = labels.stream().limit(5).toList();
    some.forEach(what -> out.append("| " + what + " | a part of " + subject + " |\n"));
    out.append("\n| From | Relation | To |\n|---|---|---|\n");
    for (int i = 0; i + 1 < some.size(); i++) {
      out.append("| " + some.get(i) + " | goes with | " + some.get(i + 1) + " |\n");
    }
    return out.toString();
  }

  private static String outline(String subject, List<String> mains, Map<String, String> passages) {
    StringBuilder out = new StringBuilder("- " + subject + "\n");
    int main = 0;
    int points = 0;
    for (Map.Entry<String, String> each : passages.entrySet()) {
      if (points == MOST_POINTS) {
        break;
      }
      if (points % UNDER_ONE == 0) {
        String above = main < mains.size() ? mains.get(main) : "Part " + (main + 1);
        out.append("  - " + above + "\n");
        main++;
      }
      out.append("    - " + begun(each.getValue()) + " [" + each.getKey() + "]\n");
      points++;
    }
    if (passages.isEmpty()) {
      mains.stream()
          .limit(3)
          .forEach(
              above ->
                  out.append("  - " + above + "\n    - What it costs\n    - Who decides on it\n"));
      out.append("  - Open questions\n    - What nobody has measured yet\n");
    }
    return out.toString();
  }

  /** The first words of a passage, as a label. */
  private static String begun(String passage) {
    String[] words = passage.replaceAll("[\\[\\]():;,.]", "").split("\\s+");
    int count = Math.min(LABEL_WORDS, words.length);
    while (count > 1 && words[count - 1].length() <= SMALL) {
      count--;
    }
    String label = String.join(" ", List.of(words).subList(0, count));
    return label.substring(0, 1).toUpperCase(Locale.ROOT) + label.substring(1);
  }

  /** As assistants write on bad days. */
  private static String faulty(String answer) {
    String worse =
        answer
            .replaceFirst("(?m)^  - (.*)$", "  - **$1")
            .replaceFirst("\\[p[0-9a-f]+]", "[p000000]");
    return "Sure! Here is what I came up with:\n\n```markdown\n"
        + worse
        + "      - Built in 4711 by Quentin Oddfellow\n\nLet me know if you would like more!";
  }
}
