package org.pergamena.core.reply;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.pair.Meaning;
import org.pergamena.core.reply.Checked.Unsaid;
import org.pergamena.core.reply.Reply.Point;
import org.pergamena.core.source.Passage;

/**
 * What sources say much about and a reply does not name: nouns, with the noun that goes with them.
 */
final class Unspoken {
  private static final int MOST = 12;
  private static final int LEAST_SENTENCES = 3;
  private static final double LEAST_SHARE = 0.012;

  private static final class Term {
    private final Map<String, Integer> forms = new HashMap<>();
    private final Map<String, Integer> before = new HashMap<>();
    private int sentences;
    private Passage first;
  }

  private Unspoken() {}

  static List<Unsaid> of(Reply reply, Collection<Analysed> sources) {
    Map<String, Term> terms = new HashMap<>();
    int all = 0;
    for (Analysed source : sources) {
      all += source.sentences().size();
      for (Sentence sentence : source.sentences()) {
        count(source, sentence, terms);
      }
    }
    Meaning meaning = new Meaning(sources.stream().map(Analysed::tongue).distinct().toList());
    Set<String> said = new HashSet<>();
    for (Point point : reply.points()) {
      said.addAll(meaning.stems(point.label() + " " + point.definition() + " " + point.note()));
    }
    double least = Math.max(LEAST_SENTENCES, LEAST_SHARE * all);
    List<Unsaid> unsaid = new ArrayList<>();
    terms.forEach(
        (stem, term) -> {
          if (term.sentences >= least && !said.contains(stem)) {
            unsaid.add(new Unsaid(called(term), term.sentences, term.first));
          }
        });
    unsaid.sort(Comparator.comparingInt(Unsaid::sentences).reversed().thenComparing(Unsaid::term));
    return unsaid.size() > MOST ? unsaid.subList(0, MOST) : unsaid;
  }

  private static void count(Analysed source, Sentence sentence, Map<String, Term> terms) {
    Set<String> here = new HashSet<>();
    Token last = null;
    for (Token token : sentence.tokens()) {
      if (telling(token, source.tongue())) {
        Term term = terms.computeIfAbsent(token.stem(), stem -> new Term());
        if (here.add(token.stem())) {
          term.sentences++;
          term.forms.merge(token.surface(), 1, Integer::sum);
          if (last != null && last.noun() && last.content()) {
            term.before.merge(last.surface(), 1, Integer::sum);
          }
        }
        if (term.first == null) {
          term.first = Passage.of(source.source(), sentence.span());
        }
      }
      last = token;
    }
  }

  /** Whether a word says what a text is about, rather than how much or when. */
  private static boolean telling(Token token, Tongue tongue) {
    String word = token.surface().toLowerCase(Locale.ROOT);
    return token.noun()
        && token.content()
        && token.stem().length() > 2
        && !tongue.generic(word)
        && !tongue.measures(word)
        && !tongue.dates(word);
  }

  /** As it is written most often, with the noun before it that it mostly has. */
  private static String called(Term term) {
    String form = most(term.forms);
    String before = term.before.isEmpty() ? null : most(term.before);
    boolean both = before != null && term.before.get(before) * 2 > term.sentences;
    return both ? before + " " + form : form;
  }

  private static String most(Map<String, Integer> counts) {
    return counts.entrySet().stream()
        .max(
            Map.Entry.<String, Integer>comparingByValue()
                .thenComparing(Map.Entry.comparingByKey(Comparator.reverseOrder())))
        .orElseThrow()
        .getKey();
  }
}
