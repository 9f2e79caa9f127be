package org.pergamena.core.study.people;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.source.Passage;
import org.pergamena.core.study.people.Joining.Resolved;
import org.pergamena.core.study.people.Mention.Manner;
import org.pergamena.core.study.people.Somebody.Form;
import org.pergamena.core.study.people.Somebody.Place;

/** Finds who is in texts, joins their names, and tells who occurs with whom. */
public final class PeopleFinder {
  private final Map<String, NameMark> marks = new LinkedHashMap<>();
  private final Map<String, One> all = new LinkedHashMap<>();
  private final Ties ties = new Ties();

  /** What is known of somebody while the texts are read. */
  private static final class One {
    final Map<String, Integer> forms = new LinkedHashMap<>();
    final Map<String, Integer> names = new TreeMap<>();
    final List<String> roles = new ArrayList<>();
    final List<Place> places = new ArrayList<>();
    int asPerson;
    int asBody;
  }

  private PeopleFinder(Collection<NameMark> marks) {
    marks.forEach(mark -> this.marks.put(mark.words(), mark));
  }

  /**
   * Who is in texts.
   *
   * @param marks what was done by hand
   */
  public static People in(Collection<Analysed> texts, Collection<NameMark> marks) {
    PeopleFinder finder = new PeopleFinder(marks);
    List<Analysed> list = List.copyOf(texts);
    Joining joining = new Joining(list);
    for (int i = 0; i < list.size(); i++) {
      finder.read(list.get(i), joining.of(i));
    }
    return finder.people();
  }

  /** A name as it is known: in lower case, without its article. */
  public static String words(String form) {
    String low = Joining.low(form.strip());
    return low.startsWith("the ") ? low.substring(4) : low;
  }

  private void read(Analysed text, List<Resolved> resolved) {
    Map<Integer, List<Ties.Named>> bySentence = new TreeMap<>();
    for (Resolved each : resolved) {
      String key = key(each);
      if (key != null) {
        note(text, each.mention(), key);
        bySentence
            .computeIfAbsent(each.mention().sentence(), k -> new ArrayList<>())
            .add(new Ties.Named(key, each.mention().span()));
      }
    }
    ties.read(text, bySentence);
  }

  /** Whom a mention names, with what was done by hand; null for nobody. */
  private String key(Resolved resolved) {
    NameMark mark = marks.get(words(resolved.mention().form()));
    if (mark == null) {
      return resolved.key() == null ? null : joined(words(resolved.key()));
    } else if (!mark.with().isEmpty() || mark.apart()) {
      return joined(mark.words());
    }
    return resolved.key() == null ? joined(mark.words()) : joined(words(resolved.key()));
  }

  /** Follows names that were joined by hand to the last of them. */
  private String joined(String key) {
    String at = key;
    for (int i = 0; i < marks.size() + 1; i++) {
      NameMark mark = marks.get(at);
      if (mark == null || mark.with().isEmpty() || mark.with().equals(key)) {
        return at;
      }
      at = mark.with();
    }
    return at;
  }

  private void note(Analysed text, Mention mention, String key) {
    One one = all.computeIfAbsent(key, k -> new One());
    String form = mention.title().isEmpty() ? mention.form() : titled(mention);
    one.forms.merge(form, 1, Integer::sum);
    boolean role = mention.kind() == Manner.ROLE;
    boolean body =
        mention.kind() == Manner.BODY
            || mention.kind() == Manner.KIND
            || mention.kind() == Manner.WEAK_KIND;
    one.asBody += body ? 1 : 0;
    one.asPerson += body || mention.kind() == Manner.BARE ? 0 : 1;
    if (role && !one.roles.contains(mention.form())) {
      one.roles.add(mention.form());
    } else if (mention.kind() == Manner.FULL || mention.kind() == Manner.BODY) {
      one.names.merge(form, 1, Integer::sum);
    }
    Passage passage = Passage.of(text.source(), text.sentences().get(mention.sentence()).span());
    Place last = one.places.isEmpty() ? null : one.places.get(one.places.size() - 1);
    if (last == null || !last.passage().samePlace(passage)) {
      one.places.add(new Place(passage, form));
    }
  }

  private static String titled(Mention mention) {
    String title = mention.title();
    return title + " " + mention.form();
  }

  private People people() {
    List<Somebody> some = new ArrayList<>();
    all.forEach((key, one) -> some.add(somebody(key, one)));
    some.sort(
        Comparator.comparingInt((Somebody each) -> -each.places().size())
            .thenComparing(Somebody::name));
    Map<String, Somebody> byKey = new HashMap<>();
    some.forEach(each -> byKey.put(each.key(), each));
    List<Tie> shown =
        ties.all().stream()
            .filter(tie -> !byKey.get(tie.from()).off() && !byKey.get(tie.to()).off())
            .toList();
    List<NameMark> lost =
        marks.values().stream()
            .filter(mark -> all.values().stream().noneMatch(one -> named(one, mark.words())))
            .toList();
    return new People(some, shown, lost);
  }

  private static boolean named(One one, String words) {
    return one.forms.keySet().stream()
        .anyMatch(form -> words(form).equals(words) || words(form).endsWith(" " + words));
  }

  private Somebody somebody(String key, One one) {
    List<Form> forms =
        one.forms.entrySet().stream()
            .map(e -> new Form(e.getKey(), e.getValue()))
            .sorted(Comparator.comparingInt((Form f) -> -f.times()).thenComparing(Form::words))
            .toList();
    NameMark mark = marks.get(key);
    boolean byHand =
        mark != null || forms.stream().anyMatch(f -> marks.containsKey(words(f.words())));
    String name = mark != null && !mark.name().isEmpty() ? mark.name() : name(one, forms);
    boolean person =
        mark != null && mark.person() != null ? mark.person() : one.asPerson > one.asBody;
    List<String> roles = one.names.isEmpty() ? List.of() : one.roles;
    return new Somebody(
        key, name, person, roles, forms, one.places, byHand, mark != null && mark.off());
  }

  /** The longest name that is written out, else what is said most; a role with a capital. */
  private static String name(One one, List<Form> forms) {
    String best =
        one.names.keySet().stream()
            .max(Comparator.comparingInt(String::length).thenComparing(Comparator.reverseOrder()))
            .orElse(forms.get(0).words());
    return best.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + best.substring(1);
  }
}
