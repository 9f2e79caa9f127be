package org.pergamena.core.study.event;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.study.Resemblance;
import org.pergamena.core.study.event.Happening.Differs;
import org.pergamena.core.study.event.Happening.Said;
import org.pergamena.core.time.Edtf;
import org.pergamena.core.time.Grain;
import org.pergamena.core.time.Told.After;
import org.pergamena.core.time.When;

/**
 * Puts the dated statements of sources in order. Statements of the same at the same time are one
 * event; statements of the same by different sources at different times point at each other, unless
 * a source tells of it more than once, as of counts that are made every year.
 */
public final class Chronicler {
  private static final double SAME = 0.45;
  private static final double SURELY_SAME = 0.5;
  private static final int SHARED = 2;
  private static final int SURELY_SHARED = 3;

  /** Stems of what is done again and again, so that another date is another time of it. */
  private static final Set<String> REPEATED =
      Set.of("met", "meet", "visit", "count", "spoke", "speak", "said", "inspect", "census");

  private final List<Account> accounts;
  private final Map<String, EventMark> marks = new LinkedHashMap<>();
  private final Map<String, Integer> byKey = new HashMap<>();
  private final Reckoning reckoning;
  private final When[] whens;
  private final int[] group;

  private Chronicler(List<Account> accounts, Collection<EventMark> marks, Map<String, When> given) {
    this.accounts = accounts;
    marks.forEach(mark -> this.marks.put(mark.key(), mark));
    this.reckoning = new Reckoning(accounts, given);
    this.whens = new When[accounts.size()];
    this.group = new int[accounts.size()];
    for (int i = 0; i < whens.length; i++) {
      group[i] = i;
      byKey.put(accounts.get(i).key(), i);
      whens[i] = time(accounts.get(i));
    }
  }

  /**
   * What happened when, as texts tell it.
   *
   * @param marks what was done by hand
   * @param given the times of events that others are counted from, by their nouns
   */
  public static Chronicle of(
      Collection<Analysed> texts, Collection<EventMark> marks, Map<String, When> given) {
    List<Account> accounts = new ArrayList<>();
    Map<String, Integer> seen = new HashMap<>();
    for (Analysed text : texts) {
      for (Account each : Accounts.in(text)) {
        int nth = seen.merge(each.key(), 1, Integer::sum);
        accounts.add(nth == 1 ? each : each.named(each.key() + "-" + nth));
      }
    }
    return new Chronicler(accounts, marks, given).chronicle();
  }

  private When time(Account account) {
    EventMark mark = marks.get(account.key());
    if (mark != null && !mark.when().isEmpty()) {
      return Edtf.read(mark.when()).orElse(null);
    }
    return reckoning.when(account.told()).orElse(null);
  }

  private Chronicle chronicle() {
    Resemblance alike =
        new Resemblance(accounts.stream().map(account -> account.stems().keySet()).toList());
    join(alike);
    Map<Integer, List<Integer>> groups = new TreeMap<>();
    for (int i = 0; i < group.length; i++) {
      if (!reckoning.vague(accounts.get(i).told()) || marks.containsKey(accounts.get(i).key())) {
        groups.computeIfAbsent(top(i), k -> new ArrayList<>()).add(i);
      }
    }
    Map<Integer, List<Differs>> differs = differing(alike, groups);
    List<Happening> dated = new ArrayList<>();
    List<Happening> open = new ArrayList<>();
    groups.forEach(
        (top, members) -> {
          Happening event = happening(members, differs.getOrDefault(top, List.of()));
          (event.when() != null || !Double.isNaN(event.after()) ? dated : open).add(event);
        });
    own().forEach(event -> (event.when() != null ? dated : open).add(event));
    dated.sort(Comparator.comparingDouble(Chronicler::place).thenComparing(Happening::label));
    return new Chronicle(dated, open, lost(), reckoning.counted());
  }

  /** Where an event lies on the line: what is counted from an event without a time comes first. */
  private static double place(Happening event) {
    return event.when() == null ? -1e9 + event.after() : event.when().middle();
  }

  private void join(Resemblance alike) {
    for (int i = 0; i < accounts.size(); i++) {
      EventMark mark = marks.get(accounts.get(i).key());
      if (mark != null && byKey.containsKey(mark.with())) {
        unite(i, byKey.get(mark.with()));
      }
    }
    for (int i = 0; i < accounts.size(); i++) {
      for (int other : alike.near(i)) {
        boolean free = !apart(i) && !apart(other);
        if (free && sameTime(i, other) && same(alike, i, other, SAME, SHARED)) {
          unite(i, other);
        }
      }
    }
  }

  private boolean apart(int i) {
    EventMark mark = marks.get(accounts.get(i).key());
    return mark != null && (mark.apart() || mark.off());
  }

  private static boolean same(Resemblance alike, int i, int other, double least, int shared) {
    return alike.shared(i, other) >= shared && alike.of(i, other) >= least;
  }

  private boolean sameTime(int i, int other) {
    if (whens[i] != null && whens[other] != null) {
      return whens[i].meets(whens[other]) && near(whens[i].grain(), whens[other].grain());
    }
    After one = reckoning.of(accounts.get(i).told());
    After two = reckoning.of(accounts.get(other).told());
    return whens[i] == null
        && whens[other] == null
        && one != null
        && two != null
        && one.first() < two.last()
        && two.first() < one.last();
  }

  /** Whether one is not so much more exact than the other that they tell of different things. */
  private static boolean near(Grain one, Grain other) {
    boolean wide = one.compareTo(Grain.DECADE) <= 0 || other.compareTo(Grain.DECADE) <= 0;
    return !wide || one == other;
  }

  private int top(int i) {
    int at = i;
    while (group[at] != at) {
      group[at] = group[group[at]];
      at = group[at];
    }
    return at;
  }

  private void unite(int i, int other) {
    int one = top(i);
    int two = top(other);
    group[Math.max(one, two)] = Math.min(one, two);
  }

  private Map<Integer, List<Differs>> differing(
      Resemblance alike, Map<Integer, List<Integer>> groups) {
    Map<Integer, List<Differs>> differs = new HashMap<>();
    Set<Integer> repeated = new HashSet<>();
    List<int[]> pairs = new ArrayList<>();
    for (int i = 0; i < accounts.size(); i++) {
      if (!Collections.disjoint(accounts.get(i).stems().keySet(), REPEATED)) {
        continue;
      }
      for (int other : alike.near(i)) {
        boolean apart =
            whens[i] != null
                && whens[other] != null
                && !whens[i].meets(whens[other])
                && same(alike, i, other, SURELY_SAME, SURELY_SHARED);
        if (apart && accounts.get(i).from(accounts.get(other))) {
          repeated.add(i);
          repeated.add(other);
        } else if (apart && top(i) != top(other)) {
          pairs.add(new int[] {i, other});
        }
      }
    }
    Set<String> told = new HashSet<>();
    for (int[] pair : pairs) {
      boolean once = !repeated.contains(pair[0]) && !repeated.contains(pair[1]);
      boolean there = groups.containsKey(top(pair[0])) && groups.containsKey(top(pair[1]));
      if (once && there && told.add(top(pair[0]) + " " + top(pair[1]))) {
        differ(differs, pair[0], pair[1]);
        differ(differs, pair[1], pair[0]);
      }
    }
    return differs;
  }

  private void differ(Map<Integer, List<Differs>> differs, int one, int other) {
    Account account = accounts.get(other);
    differs
        .computeIfAbsent(top(one), k -> new ArrayList<>())
        .add(
            new Differs(
                accounts.get(top(other)).key(),
                "Told here as "
                    + shown(one)
                    + ", in another source as "
                    + shown(other)
                    + ": "
                    + account.label()));
  }

  private String shown(int i) {
    EventMark mark = marks.get(accounts.get(i).key());
    return mark != null && !mark.when().isEmpty() ? mark.when() : accounts.get(i).told().words();
  }

  private Happening happening(List<Integer> members, List<Differs> differs) {
    List<Integer> exact = new ArrayList<>(members);
    exact.sort(
        Comparator.comparing((Integer i) -> whens[i] == null ? Grain.CENTURY : whens[i].grain())
            .reversed()
            .thenComparing(i -> i));
    List<EventMark> hands =
        members.stream()
            .map(i -> marks.get(accounts.get(i).key()))
            .filter(mark -> mark != null)
            .toList();
    String named =
        hands.stream().map(EventMark::label).filter(l -> !l.isEmpty()).findFirst().orElse("");
    int given =
        hands.stream()
            .filter(mark -> !mark.when().isEmpty())
            .findFirst()
            .map(mark -> byKey.get(mark.key()))
            .orElse(-1);
    int first = given >= 0 ? given : exact.get(0);
    Account account = accounts.get(first);
    After after = reckoning.of(account.told());
    double years = after == null || whens[first] != null ? Double.NaN : after.middle();
    return new Happening(
        accounts.get(members.get(0)).key(),
        named.isEmpty() ? account.label() : named,
        whens[first],
        shown(first),
        years,
        exact.stream().map(accounts::get).map(Chronicler::said).toList(),
        differs,
        !hands.isEmpty(),
        hands.stream().anyMatch(EventMark::off));
  }

  private static Said said(Account account) {
    return new Said(account.key(), account.passage(), account.words(), account.told());
  }

  /** What a person added. */
  private List<Happening> own() {
    List<Happening> own = new ArrayList<>();
    for (EventMark mark : marks.values()) {
      if (mark.own()) {
        When when = Edtf.read(mark.when()).orElse(null);
        own.add(
            new Happening(
                mark.key(),
                mark.label(),
                when,
                mark.when(),
                Double.NaN,
                List.of(),
                List.of(),
                true,
                mark.off()));
      }
    }
    return own;
  }

  private List<EventMark> lost() {
    return marks.values().stream()
        .filter(mark -> !mark.own() && !byKey.containsKey(mark.key()))
        .toList();
  }
}
