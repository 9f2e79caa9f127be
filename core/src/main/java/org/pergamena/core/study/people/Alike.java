package org.pergamena.core.study.people;

import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.pergamena.core.study.people.Mention.Manner;

/** Which roles and bodies of all texts are the same, called with more words or with fewer. */
final class Alike {
  private static final Set<String> SMALL = Set.of("of", "for", "the", "a");

  private final Set<String> bodies = new LinkedHashSet<>();

  /** By what each is: the words that tell such roles from each other. */
  private final Map<String, Set<Set<String>>> told = new HashMap<>();

  /** Takes the mentions of a text. */
  void note(List<Mention> mentions, NameWords names) {
    for (Mention each : mentions) {
      if (each.kind() == Manner.BODY) {
        bodies.add(Joining.low(each.form()));
      } else if (each.kind() == Manner.ROLE) {
        Set<String> more = more(each, names);
        if (!more.isEmpty()) {
          told.computeIfAbsent(head(each, names), k -> new HashSet<>()).add(more);
        }
      }
    }
  }

  /** A body's longest name: that of the only one whose name ends with all of its words. */
  String body(String form) {
    List<String> longer =
        bodies.stream().filter(each -> form.indexOf(' ') > 0 && each.endsWith(" " + form)).toList();
    return longer.size() == 1 ? longer.get(0) : form;
  }

  /** The only body of all texts that is such a one; null if there are several or none. */
  String bodyOf(String head) {
    Set<String> some = new HashSet<>();
    for (String each : bodies) {
      if (List.of(each.split(" ")).contains(head)) {
        some.add(body(each));
      }
    }
    return some.size() == 1 ? some.iterator().next() : null;
  }

  /** What each role of a text is called: the shortest of the names that may be the same. */
  Map<String, String> roles(List<Mention> mentions, NameWords names) {
    Map<String, Set<Set<String>>> here = new HashMap<>();
    for (Mention each : mentions) {
      if (each.kind() == Manner.ROLE && !more(each, names).isEmpty()) {
        here.computeIfAbsent(head(each, names), k -> new HashSet<>()).add(more(each, names));
      }
    }
    Map<String, String> roles = new HashMap<>();
    for (Mention each : mentions) {
      if (each.kind() == Manner.ROLE) {
        String head = head(each, names);
        Set<String> more = more(each, names);
        boolean oneOfAll = told.getOrDefault(head, Set.of()).size() <= 1;
        Set<Set<String>> those = here.getOrDefault(head, Set.of());
        String form = Joining.low(each.form());
        if (oneOfAll) {
          roles.put(form, head);
        } else if (more.isEmpty() && those.size() == 1) {
          roles.put(form, named(head, those.iterator().next()));
        } else if (!more.isEmpty()) {
          roles.put(form, named(head, more));
        }
      }
    }
    return roles;
  }

  private static String named(String head, Set<String> more) {
    return String.join(" ", new TreeSet<>(more)) + " " + head;
  }

  private static String head(Mention role, NameWords names) {
    List<String> words = role.words();
    for (int i = 0; i < words.size(); i++) {
      String word = Joining.low(words.get(i));
      String two = i + 1 < words.size() ? word + " " + Joining.low(words.get(i + 1)) : "";
      if (names.role(two)) {
        return two;
      } else if (names.role(word)) {
        return word;
      }
    }
    return Joining.low(role.last());
  }

  private static Set<String> more(Mention role, NameWords names) {
    Set<String> more = new TreeSet<>();
    role.words().forEach(word -> more.add(Joining.low(word)));
    more.removeAll(SMALL);
    more.removeAll(List.of(head(role, names).split(" ")));
    return more;
  }
}
