package org.pergamena.core.study.people;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.source.Span;
import org.pergamena.core.study.people.Mention.Manner;

/**
 * Finds the words of a text that may name somebody: names with capitals, roles, kinds of bodies.
 */
final class MentionFinder {
  private static final int MOST_WORDS = 8;
  private static final Set<String> WITHIN = Set.of("of", "for");
  private static final Set<String> DESCRIBING = Set.of("NOUN", "ADJ", "PROPN");

  private final Analysed text;
  private final NameWords names;
  private final List<Mention> found = new ArrayList<>();
  private List<Token> tokens;
  private int sentence;

  private MentionFinder(Analysed text) {
    this.text = text;
    this.names = NameWords.of(text.tongue().code());
  }

  static List<Mention> in(Analysed text) {
    MentionFinder finder = new MentionFinder(text);
    for (int i = 0; i < text.sentences().size(); i++) {
      finder.read(i, text.sentences().get(i));
    }
    return finder.found;
  }

  private void read(int index, Sentence its) {
    sentence = index;
    tokens = its.tokens();
    int i = 0;
    while (i < tokens.size()) {
      int next = at(i);
      i = next > i ? next : i + 1;
    }
  }

  /** Reads a mention that begins at a token; the token after it, or the same if there is none. */
  private int at(int i) {
    int noun = article(i) ? i + 1 : i;
    if (noun >= tokens.size() || !tokens.get(noun).word()) {
      return i;
    }
    if (capital(noun) && !opening(noun)) {
      int end = named(i, noun);
      if (end > i) {
        return end;
      }
    }
    return noun > i ? described(i, noun) : i;
  }

  private boolean article(int i) {
    return tokens.get(i).surface().equalsIgnoreCase("the");
  }

  private boolean capital(int i) {
    String word = tokens.get(i).surface();
    return Character.isUpperCase(word.charAt(0));
  }

  /** Whether a word has its capital only because a sentence begins, or as a month has one. */
  private boolean opening(int i) {
    String word = tokens.get(i).surface();
    boolean begins = i == 0 || !tokens.get(i - 1).word();
    if (names.title(word) && titled(i)) {
      return false;
    }
    return text.tongue().stop(word) && (begins || word.length() < 3)
        || text.tongue().measures(word)
        || text.tongue().measures(word.replaceFirst("s$", ""));
  }

  /** A name with capitals. */
  private int named(int start, int first) {
    int at = first;
    StringBuilder title = new StringBuilder();
    while (at < tokens.size()
        && names.title(tokens.get(at).surface())
        && capital(at)
        && titled(at)) {
      title.append(title.isEmpty() ? "" : " ").append(tokens.get(at).surface());
      at += at + 1 < tokens.size() && tokens.get(at + 1).surface().equals(".") ? 2 : 1;
    }
    int end = run(at, title.isEmpty());
    if (end == at) {
      return start;
    }
    List<String> words = words(at, end);
    Manner manner = title.isEmpty() ? manner(words, at) : Manner.FULL;
    boolean person =
        title.isEmpty()
            && manner != Manner.BODY
            && manner != Manner.WEAK_KIND
            && !(manner == Manner.BARE && acronym(words.get(0)));
    if (manner == null || start < first && person) {
      return start < first && manner == null ? start : end;
    }
    int from = title.isEmpty() && manner == Manner.BODY ? start : title.isEmpty() ? at : first;
    if (!title.isEmpty() && start < first) {
      from = start;
    }
    add(from, at, end, title.toString(), manner);
    return end;
  }

  /** Whether a name follows a title. */
  private boolean titled(int i) {
    int next = i + 1 < tokens.size() && tokens.get(i + 1).surface().equals(".") ? i + 2 : i + 1;
    return next < tokens.size()
        && tokens.get(next).word()
        && capital(next)
        && !text.tongue().stop(tokens.get(next).surface());
  }

  private int run(int from, boolean bodies) {
    int end = from;
    boolean body = false;
    while (end < tokens.size() && end - from < MOST_WORDS) {
      String word = tokens.get(end).surface();
      if (initial(end)) {
        end += 2;
      } else if (tokens.get(end).word() && capital(end) && !opening(end)) {
        body = body || bodyWord(word);
        end++;
        boolean theirs = !bare(word).equals(word);
        if (theirs && (end == tokens.size() || !bodyWord(tokens.get(end).surface()))) {
          break;
        }
      } else if (end > from && names.particle(word) && follows(end + 1)) {
        end++;
      } else if (end > from && bodies && body && WITHIN.contains(word)) {
        int next = end + 1 < tokens.size() && article(end + 1) ? end + 2 : end + 1;
        if (!follows(next)) {
          break;
        }
        end = next;
      } else {
        break;
      }
    }
    return end;
  }

  private boolean bodyWord(String word) {
    return names.body(word) || names.weakBody(word) || names.circle(word);
  }

  private boolean follows(int i) {
    boolean particle = i < tokens.size() && names.particle(tokens.get(i).surface());
    int at = particle ? i + 1 : i;
    return at < tokens.size() && tokens.get(at).word() && capital(at);
  }

  private boolean initial(int i) {
    return tokens.get(i).surface().length() == 1
        && capital(i)
        && i + 2 < tokens.size()
        && tokens.get(i + 1).surface().equals(".")
        && tokens.get(i + 2).word()
        && capital(i + 2);
  }

  private List<String> words(int from, int end) {
    List<String> words = new ArrayList<>();
    for (int i = from; i < end; i++) {
      if (tokens.get(i).word()) {
        words.add(bare(tokens.get(i).surface()));
      }
    }
    return words;
  }

  /** Without what shows that something is theirs. */
  private static String bare(String word) {
    return word.replaceFirst("['\u2019]s$", "");
  }

  /** How some words with capitals name; null if they name nobody. */
  private Manner manner(List<String> words, int at) {
    String first = words.get(0);
    String last = words.get(words.size() - 1);
    boolean several = words.size() > 1;
    boolean acronym = acronym(first);
    if (words.stream().anyMatch(names::body) && several || names.circle(first) && several) {
      return Manner.BODY;
    } else if (several && (names.company(last) || weak(words))) {
      return Manner.BODY;
    } else if (several && names.particle(first)) {
      return Manner.BARE;
    } else if (several && words.stream().anyMatch(names::place)) {
      return null;
    } else if (several && !acronym && NameWords.given(first)) {
      return Manner.FULL;
    } else if (several) {
      return acronym || words.size() > 4 ? null : Manner.UNSURE;
    } else if (names.body(first) || names.weakBody(first)) {
      return at > 0 && article(at - 1) ? Manner.WEAK_KIND : null;
    } else if (acronym || first.length() < 2) {
      return acronym && first.length() > 1 ? Manner.BARE : null;
    }
    boolean given = NameWords.given(first) && tokens.get(at).tag().equals("PROPN");
    boolean other = text.tongue().stop(first) || names.place(first) || names.title(first);
    return given && !other ? Manner.GIVEN : Manner.BARE;
  }

  private static boolean acronym(String word) {
    return word.length() > 1 && word.equals(word.toUpperCase(Locale.ROOT));
  }

  private boolean weak(List<String> words) {
    String last = words.get(words.size() - 1);
    int of = words.indexOf("of");
    String head = of > 0 ? words.get(of - 1) : last;
    int for_ = words.indexOf("for");
    return names.weakBody(head) || for_ > 0 && names.weakBody(words.get(for_ - 1));
  }

  /** What somebody or a body is, after an article: the harbour master, the estuary board. */
  private int described(int start, int first) {
    int end = first;
    int head = -1;
    while (end < tokens.size() && end - first < 4 && tokens.get(end).word()) {
      String word = bare(tokens.get(end).surface());
      if (names.another(word) || tokens.get(end).tag().equals("ADJ") && word.endsWith("est")) {
        return start;
      }
      String two = end > first ? tokens.get(end - 1).surface() + " " + word : word;
      if (names.role(word) || names.role(two) || names.body(word) || names.weakBody(word)) {
        head = end;
      } else if (!DESCRIBING.contains(tokens.get(end).tag())) {
        break;
      }
      end++;
    }
    if (head < 0 || head + 1 < end && !acts(head + 1)) {
      return start;
    }
    String word = bare(tokens.get(head).surface());
    String two = head > first ? tokens.get(head - 1).surface() + " " + word : word;
    end = head + 1;
    if (names.role(word) || names.role(two)) {
      int to = word.equals(tokens.get(head).surface()) ? complement(end) : end;
      add(start, first, to, "", Manner.ROLE);
      return to;
    }
    boolean weak = names.weakBody(word) && !names.body(word);
    boolean alone = head == first;
    if (weak || alone) {
      add(start, first, end, "", weak ? Manner.WEAK_KIND : Manner.KIND);
    } else {
      add(start, first, end, "", Manner.BODY);
    }
    return end;
  }

  /** Whether a word that is taken for a noun may be what somebody does: the group rings. */
  private boolean acts(int i) {
    boolean verb = i + 1 < tokens.size() && tokens.get(i + 1).tag().matches("VERB|AUX");
    return tokens.get(i).surface().endsWith("s") && !verb;
  }

  /** Where what a role is of or for ends: the member for the oyster growers. */
  private int complement(int end) {
    boolean of = end + 2 < tokens.size() && WITHIN.contains(tokens.get(end).surface());
    if (!of || !article(end + 1)) {
      return end;
    }
    int at = end + 2;
    while (at < tokens.size()
        && at - end < 6
        && tokens.get(at).word()
        && DESCRIBING.contains(tokens.get(at).tag())) {
      at++;
    }
    return at > end + 2 ? at : end;
  }

  private void add(int start, int first, int end, String title, Manner manner) {
    Token last = tokens.get(end - 1);
    int to = last.start() + bare(last.surface()).length();
    Span span = new Span(tokens.get(start).start(), to);
    String form =
        text.source()
            .text()
            .text()
            .substring(tokens.get(first).start(), to)
            .replaceAll("\\s+", " ");
    found.add(new Mention(sentence, span, form, title, words(first, end), manner));
  }
}
