package org.pergamena.core.study.people;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.study.people.Mention.Manner;

/**
 * Tells which mentions are of the same: a family name is that of the one who is named in full in
 * the same text, else in any; a role is its holder's where the text says so (<em>Mara Ellis, the
 * warden,</em>); <em>the committee</em> is the one named before.
 */
final class Joining {
  private static final Pattern IS =
      Pattern.compile("\\s+(?:is|was|became|has been|,? now)\\s+", Pattern.CASE_INSENSITIVE);
  private static final Pattern CLOSED = Pattern.compile("^\\s*(?:[,;.)]|$).*", Pattern.DOTALL);
  private static final Pattern GOES_ON = Pattern.compile("^,?\\s*(?:and|or)\\b.*", Pattern.DOTALL);

  /** A name cut short stands so much more often than in full; else it means something else. */
  private static final int MOST_SHORT = 6;

  /** A mention with the key of whom it names, null for nobody. */
  record Resolved(Mention mention, String key) {}

  private final List<Analysed> texts;
  private final List<List<Mention>> mentions = new ArrayList<>();

  /** Full names by their family names, over all texts. */
  private final Map<String, Set<String>> families = new HashMap<>();

  private final Alike alike = new Alike();

  Joining(List<Analysed> texts) {
    this.texts = texts;
    for (Analysed text : texts) {
      List<Mention> sure = sure(text, MentionFinder.in(text));
      mentions.add(sure);
      alike.note(sure, NameWords.of(text.tongue().code()));
      for (Mention each : sure) {
        if (whole(each)) {
          families.computeIfAbsent(low(each.last()), k -> new LinkedHashSet<>()).add(person(each));
        }
      }
    }
  }

  /** The mentions of a text with whom they name. */
  List<Resolved> of(int text) {
    return new OneText(texts.get(text), mentions.get(text), families, alike).resolved();
  }

  static String low(String word) {
    return word.toLowerCase(Locale.ROOT);
  }

  /** Whether it has a given and a family name. */
  static boolean whole(Mention mention) {
    return mention.kind() == Manner.FULL && mention.words().size() > 1;
  }

  static String person(Mention mention) {
    return low(String.join(" ", mention.words()));
  }

  /**
   * Two words with capitals are a person if somebody speaks or is called by the second of them, and
   * neither is a word that the text has without a capital; nor is a given name such a word.
   */
  private static List<Mention> sure(Analysed text, List<Mention> all) {
    Set<String> plain = new HashSet<>();
    for (Sentence sentence : text.sentences()) {
      for (Token token : sentence.tokens()) {
        if (Character.isLowerCase(token.surface().charAt(0))) {
          plain.add(token.surface());
        }
      }
    }
    Set<String> called = new HashSet<>();
    for (Mention each : all) {
      boolean titled = each.kind() == Manner.FULL && each.words().size() == 1;
      if (each.kind() == Manner.BARE || titled) {
        called.add(low(each.last()));
      }
    }
    List<Mention> sure = new ArrayList<>();
    for (Mention each : all) {
      boolean word = each.words().stream().anyMatch(part -> plain.contains(low(part)));
      if (each.kind() != Manner.UNSURE) {
        sure.add(each.kind() == Manner.GIVEN && word ? each.as(Manner.BARE) : each);
      } else if (!word && called.contains(low(each.last())) || acts(text, each)) {
        sure.add(each.as(Manner.FULL));
      }
    }
    return sure;
  }

  /** Whether a verb of what people do stands beside a mention, or it is told more closely. */
  private static boolean acts(Analysed text, Mention mention) {
    NameWords names = NameWords.of(text.tongue().code());
    List<Token> tokens = text.sentences().get(mention.sentence()).tokens();
    int last = -1;
    int first = -1;
    for (int i = 0; i < tokens.size(); i++) {
      first = tokens.get(i).start() == mention.span().start() ? i : first;
      last = tokens.get(i).start() < mention.span().end() ? i : last;
    }
    boolean after = last + 1 < tokens.size() && names.speech(tokens.get(last + 1).surface());
    boolean before = first > 0 && names.speech(tokens.get(first - 1).surface());
    boolean role = first > 0 && names.role(tokens.get(first - 1).surface());
    boolean who =
        last + 2 < tokens.size()
            && tokens.get(last + 1).surface().equals(",")
            && Set.of("who", "whose", "then").contains(low(tokens.get(last + 2).surface()));
    return after || before || role || who;
  }

  /** One text's mentions. */
  private static final class OneText {
    private final Analysed text;
    private final NameWords names;
    private final List<Mention> all;
    private final Map<String, Set<String>> everywhere;
    private final Map<String, Set<String>> families = new LinkedHashMap<>();
    private final Map<String, Set<String>> givens = new LinkedHashMap<>();
    private final Map<String, String> holders = new HashMap<>();
    private final Alike alike;

    /** How often each form stands in the text. */
    private final Map<String, Integer> often = new HashMap<>();

    /** Family names that stand with a title. */
    private final Set<String> titles = new HashSet<>();

    /** What each role is called, of those that are the same. */
    private final Map<String, String> roles;

    /** Bodies in the order in which they were last named. */
    private final List<Mention> bodies = new ArrayList<>();

    private OneText(
        Analysed text, List<Mention> all, Map<String, Set<String>> everywhere, Alike alike) {
      this.alike = alike;
      this.roles = alike.roles(all, NameWords.of(text.tongue().code()));
      this.text = text;
      this.names = NameWords.of(text.tongue().code());
      this.all = all;
      this.everywhere = everywhere;
      for (Mention each : all) {
        often.merge(each.form(), 1, Integer::sum);
        if (each.kind() == Manner.FULL && each.words().size() == 1) {
          titles.add(low(each.last()));
        }
        if (whole(each)) {
          families.computeIfAbsent(low(each.last()), k -> new LinkedHashSet<>()).add(person(each));
          givens
              .computeIfAbsent(low(each.words().get(0)), k -> new LinkedHashSet<>())
              .add(person(each));
        }
      }
      holders();
    }

    private List<Resolved> resolved() {
      List<Resolved> resolved = new ArrayList<>();
      for (Mention each : all) {
        resolved.add(new Resolved(each, key(each)));
        if (each.kind() == Manner.BODY) {
          bodies.remove(each);
          bodies.add(each);
        }
      }
      return resolved;
    }

    private String key(Mention mention) {
      return switch (mention.kind()) {
        case FULL -> mention.words().size() > 1 ? full(mention) : titled(mention);
        case GIVEN -> given(mention);
        case BARE -> bare(mention);
        case ROLE -> holders.getOrDefault(role(mention), role(mention));
        case BODY -> body(mention);
        case KIND -> kind(mention, "the " + low(mention.last()));
        case WEAK_KIND -> kind(mention, null);
        case UNSURE -> null;
      };
    }

    /** The same by an initial and in full are one. */
    private String full(Mention mention) {
      String given = mention.words().get(0);
      if (given.length() == 1) {
        List<String> likely =
            families.getOrDefault(low(mention.last()), Set.of()).stream()
                .filter(full -> full.startsWith(low(given)) && full.indexOf(' ') > 1)
                .toList();
        if (likely.size() == 1) {
          return likely.get(0);
        }
      }
      return person(mention);
    }

    private String titled(Mention mention) {
      String known = family(low(mention.last()));
      return known == null ? low(mention.last()) : known;
    }

    /** Who has a family name: the only one in this text, else the only one in all. */
    private String family(String name) {
      Set<String> here = families.getOrDefault(name, Set.of());
      Set<String> there = here.isEmpty() ? everywhere.getOrDefault(name, Set.of()) : here;
      return there.size() == 1 ? there.iterator().next() : null;
    }

    private String given(Mention mention) {
      String name = low(mention.last());
      Set<String> here = givens.getOrDefault(name, Set.of());
      String asFamily = families.containsKey(name) ? family(name) : null;
      return here.size() == 1 ? here.iterator().next() : asFamily != null ? asFamily : name;
    }

    private String bare(Mention mention) {
      String name = low(mention.last());
      Set<String> here = families.getOrDefault(name, Set.of());
      if (!here.isEmpty()) {
        return here.size() == 1 ? here.iterator().next() : null;
      }
      Set<String> called = givens.getOrDefault(name, Set.of());
      if (called.size() == 1) {
        return called.iterator().next();
      }
      for (int i = bodies.size() - 1; i >= 0; i--) {
        Mention body = bodies.get(i);
        boolean begins =
            low(body.words().get(0)).equals(name)
                && body.words().size() > 1
                && often(mention) <= MOST_SHORT * often(body);
        if (begins && !names.place(name) || initials(body).equals(name)) {
          return body(body);
        }
      }
      return titles.contains(name) ? titled(mention) : null;
    }

    private int often(Mention mention) {
      return often.getOrDefault(mention.form(), 0);
    }

    private static String initials(Mention body) {
      StringBuilder initials = new StringBuilder();
      for (String word : body.words()) {
        if (Character.isUpperCase(word.charAt(0))) {
          initials.append(Character.toLowerCase(word.charAt(0)));
        }
      }
      return initials.length() > 1 ? initials.toString() : "?";
    }

    private String body(Mention mention) {
      return alike.body(low(mention.form()));
    }

    private String role(Mention mention) {
      String form = low(mention.form());
      return "the " + roles.getOrDefault(form, form);
    }

    /** The body named last that is such a one; if there is none, one of its own. */
    private String kind(Mention mention, String own) {
      String head = low(mention.last());
      for (int i = bodies.size() - 1; i >= 0; i--) {
        if (is(bodies.get(i), head)) {
          return body(bodies.get(i));
        }
      }
      List<String> later =
          all.stream()
              .filter(m -> m.kind() == Manner.BODY && is(m, head))
              .map(this::body)
              .distinct()
              .toList();
      String only = alike.bodyOf(head);
      return later.size() == 1 ? later.get(0) : later.isEmpty() && only != null ? only : own;
    }

    private boolean is(Mention body, String head) {
      boolean has = body.words().stream().anyMatch(word -> low(word).equals(head));
      boolean firm = head.equals("company") || head.equals("firm");
      return has || firm && names.company(body.last());
    }

    /** Whose a role is, where the text says so. */
    private void holders() {
      for (int i = 0; i + 1 < all.size(); i++) {
        Mention one = all.get(i);
        Mention other = all.get(i + 1);
        boolean pair =
            one.sentence() == other.sentence()
                && (one.kind() == Manner.FULL || other.kind() == Manner.FULL || bareOf(one))
                && (one.kind() == Manner.ROLE || other.kind() == Manner.ROLE);
        if (pair && saysSo(one, other)) {
          Mention role = one.kind() == Manner.ROLE ? one : other;
          Mention person = role == one ? other : one;
          String key = key(person);
          if (key != null) {
            holders.put(role(role), key);
          }
        }
      }
    }

    private boolean bareOf(Mention mention) {
      return mention.kind() == Manner.BARE && families.containsKey(low(mention.last()));
    }

    private boolean saysSo(Mention one, Mention other) {
      String words = text.source().text().text();
      if (one.span().end() > other.span().start()) {
        return false;
      }
      String between = words.substring(one.span().end(), other.span().start());
      int end = text.sentences().get(other.sentence()).span().end();
      String after = words.substring(other.span().end(), Math.max(end, other.span().end()));
      boolean apposed = between.strip().equals(",") && CLOSED.matcher(after).matches();
      boolean listed = GOES_ON.matcher(after).matches();
      return apposed && !listed || other.kind() == Manner.ROLE && IS.matcher(between).matches();
    }
  }
}
