package org.pergamena.core.distil.steer;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.pergamena.core.distil.group.Group;
import org.pergamena.core.distil.segment.Part;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.source.Span;

/** Terms that must be on the map, or must not. A term is met by all of its words, in any form. */
public final class Terms {
  private Terms() {}

  /** A text without the sentences that have one of some terms, or stand under a heading with it. */
  public static Analysed without(Analysed text, List<String> terms) {
    if (terms.isEmpty()) {
      return text;
    }
    List<Set<String>> wanted = terms.stream().map(term -> stems(term, text.tongue())).toList();
    SourceText whole = text.source().text();
    List<Span> out = new ArrayList<>();
    List<Boolean> headings = new ArrayList<>();
    int sentence = 0;
    for (int i = 0; i < whole.blocks().size(); i++) {
      Block block = whole.blocks().get(i);
      if (block.kind() == Block.Kind.HEADING) {
        while (headings.size() >= block.level()) {
          headings.remove(headings.size() - 1);
        }
        Set<String> stems = stems(whole.words(block), text.tongue());
        while (headings.size() < block.level()) {
          headings.add(wanted.stream().anyMatch(stems::containsAll));
        }
      }
      if (headings.contains(true)) {
        out.add(block.span());
      }
      while (sentence < text.sentences().size() && text.sentences().get(sentence).block() == i) {
        Sentence each = text.sentences().get(sentence++);
        Set<String> stems = stems(each);
        if (wanted.stream().anyMatch(stems::containsAll)) {
          out.add(each.span());
        }
      }
    }
    return text.without(out);
  }

  /** Whether a label has a term. */
  public static boolean names(String label, String term, Tongue tongue) {
    return stems(label, tongue).containsAll(stems(term, tongue));
  }

  /**
   * The tree with a topic for a term: below the group that has most of the sentences with it; below
   * the root, with nothing to bear it out, if no sentence has it.
   */
  public static Group with(Group root, String term) {
    Group home = null;
    int most = 0;
    for (Group leaf : leaves(root)) {
      int mentions = 0;
      for (Part part : leaf.own()) {
        mentions += (int) part.sentences().stream().filter(s -> has(s, part, term)).count();
      }
      if (mentions > most) {
        most = mentions;
        home = leaf;
      }
    }
    if (home == null) {
      List<Group> children = new ArrayList<>(root.children());
      children.add(new Group(label(term), List.of(), List.of()));
      return new Group(root.heading(), root.own(), children, root.aside());
    }
    return put(root, home, term);
  }

  /** In sentence case, otherwise as the person writes it. */
  private static String label(String term) {
    return term.substring(0, 1).toUpperCase(Locale.ROOT) + term.substring(1);
  }

  private static List<Group> leaves(Group group) {
    if (group.children().isEmpty()) {
      return List.of(group);
    }
    return group.children().stream().flatMap(child -> leaves(child).stream()).toList();
  }

  private static Group put(Group at, Group home, String term) {
    if (at != home) {
      return new Group(
          at.heading(),
          at.own(),
          at.children().stream().map(child -> put(child, home, term)).toList(),
          at.aside());
    }
    List<Part> with = new ArrayList<>();
    List<Part> left = new ArrayList<>();
    for (Part part : at.own()) {
      split(part, term, with, left);
    }
    return new Group(
        at.heading(), left, List.of(new Group(label(term), with, List.of())), at.aside());
  }

  /** Cuts a part where sentences with the term begin and end. */
  private static void split(Part part, String term, List<Part> with, List<Part> left) {
    List<Sentence> sentences = part.sentences();
    int from = 0;
    for (int i = 1; i <= sentences.size(); i++) {
      boolean here = has(sentences.get(from), part, term);
      if (i == sentences.size() || has(sentences.get(i), part, term) != here) {
        int start = from == 0 ? part.start() : sentences.get(from).span().start();
        Part run =
            new Part(
                part.text(),
                part.from() + from,
                part.from() + i,
                from == 0 ? part.title() : null,
                start,
                List.of());
        (here ? with : left).add(run);
        from = i;
      }
    }
  }

  private static boolean has(Sentence sentence, Part part, String term) {
    return stems(sentence).containsAll(stems(term, part.text().tongue()));
  }

  private static Set<String> stems(Sentence sentence) {
    return sentence.tokens().stream().map(Token::stem).collect(Collectors.toSet());
  }

  /** The stems of a term's content words, or of all its words if none is one. */
  private static Set<String> stems(String term, Tongue tongue) {
    List<Token> tokens = TextAnalyser.tokens(term, tongue).stream().filter(Token::word).toList();
    boolean content = tokens.stream().anyMatch(Token::content);
    return tokens.stream()
        .filter(token -> token.content() || !content)
        .map(Token::stem)
        .collect(Collectors.toSet());
  }
}
