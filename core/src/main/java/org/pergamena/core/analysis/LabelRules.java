package org.pergamena.core.analysis;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.SourceText;

/** What a careful person would not let stand in a label that was found in sources. */
public final class LabelRules {
  private static final int MOST_WORDS = 6;

  /** A label that breaks a rule, and which. */
  public record Broken(Topic topic, Rule rule) {}

  /** A rule of labels. */
  public enum Rule {
    /** One to six words. */
    LENGTH,
    /** No small word at an end. */
    EDGE,
    /** Something in particular, not <em>Introduction</em> or <em>Things</em>. */
    SPECIFIC,
    /** Its words stand in the sources. */
    OWN_WORDS,
    /** A capital at the beginning, and whole words. */
    FORM,
    /** Not the label of a topic beside it. */
    DISTINCT,
    /** More than words of the topic above it. */
    ABOVE
  }

  private LabelRules() {}

  /** Every rule that a label below the root breaks, in the order of the map. */
  public static List<Broken> broken(TopicMap map, List<Analysed> texts) {
    Set<String> known = new TreeSet<>();
    for (Analysed text : texts) {
      SourceText words = text.source().text();
      for (Block block : words.blocks()) {
        if (!block.kind().runs()) {
          known.addAll(TextAnalyser.stems(words.words(block), text.tongue()));
        }
      }
      for (Sentence sentence : text.sentences()) {
        sentence.tokens().forEach(token -> known.add(token.stem()));
      }
    }
    List<Tongue> tongues = texts.stream().map(Analysed::tongue).distinct().toList();
    List<Broken> broken = new ArrayList<>();
    for (Topic topic : map.preorder()) {
      if (topic.parent() != null && !topic.aside()) {
        rules(map, topic, tongues, known).forEach(rule -> broken.add(new Broken(topic, rule)));
      }
    }
    return broken;
  }

  private static List<Rule> rules(
      TopicMap map, Topic topic, List<Tongue> tongues, Set<String> known) {
    List<Rule> rules = new ArrayList<>();
    String label = topic.label();
    List<String> words =
        TextAnalyser.tokens(label, tongues.get(0)).stream()
            .filter(Token::word)
            .map(Token::surface)
            .toList();
    if (words.isEmpty() || words.size() > MOST_WORDS) {
      rules.add(Rule.LENGTH);
    }
    if (!words.isEmpty() && all(tongues, t -> stops(words, t))) {
      rules.add(Rule.EDGE);
    }
    if (words.size() == 1 && tongues.stream().anyMatch(t -> t.generic(words.get(0)))) {
      rules.add(Rule.SPECIFIC);
    }
    if (all(tongues, tongue -> !known.containsAll(TextAnalyser.stems(label, tongue)))) {
      rules.add(Rule.OWN_WORDS);
    }
    if (Character.isLowerCase(label.codePointAt(0)) || label.matches(".*[\u2026\\-,:;]$")) {
      rules.add(Rule.FORM);
    }
    Topic above = map.topic(topic.parent());
    boolean twin =
        map.children(above).stream()
            .anyMatch(t -> !t.id().equals(topic.id()) && t.label().equalsIgnoreCase(label));
    if (twin) {
      rules.add(Rule.DISTINCT);
    }
    Tongue tongue = tongues.get(0);
    if (above.parent() != null
        && TextAnalyser.stems(above.label(), tongue)
            .containsAll(TextAnalyser.stems(label, tongue))) {
      rules.add(Rule.ABOVE);
    }
    return rules;
  }

  private static boolean all(List<Tongue> tongues, Predicate<Tongue> rule) {
    return tongues.stream().allMatch(rule);
  }

  private static boolean stops(List<String> words, Tongue tongue) {
    return tongue.stop(words.get(0)) || tongue.stop(words.get(words.size() - 1));
  }
}
