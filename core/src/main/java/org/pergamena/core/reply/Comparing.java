package org.pergamena.core.reply;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.brief.Brief.Wish;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.map.ByHand;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.pair.Entry;
import org.pergamena.core.pair.Meaning;
import org.pergamena.core.pair.Pairing;
import org.pergamena.core.reply.Compared.Difference;
import org.pergamena.core.reply.Compared.Kind;
import org.pergamena.core.reply.Reply.Linked;
import org.pergamena.core.reply.Reply.Point;

/**
 * Compares a reply with the branch that it answers for, by meaning and place.
 *
 * <pre>{@code
 * Compared compared = Comparing.of(reply, map, List.of(root), Wish.SUBJECT, byHand, tongues);
 * }</pre>
 */
public final class Comparing {
  private static final double HEAD_LIKE = 0.4;
  private static final double ELSEWHERE = 0.68;
  private static final double SAME_LABEL = 0.999;

  /** Wishes that are answered by a label and something after it. */
  private static final Set<Wish> ABOUT_LABELS = EnumSet.of(Wish.WORDING, Wish.TRANSLATION);

  /** Wishes whose answers say nothing by what they leave out. */
  private static final Set<Wish> ONLY_MORE = EnumSet.of(Wish.MORE, Wish.MISSING, Wish.RELATIONS);

  private final Reply reply;
  private final TopicMap map;
  private final List<UUID> anchors;
  private final Wish wish;
  private final ByHand byHand;
  private final List<Entry> standing;
  private final List<Entry> offered;
  private final Pairing pairing;
  private final List<Difference> found = new ArrayList<>();
  private final Meaning meaning;
  private final Map<String, Evidence> evidence = new HashMap<>();

  private Comparing(
      Reply reply,
      TopicMap map,
      List<UUID> about,
      Wish wish,
      ByHand byHand,
      Collection<Tongue> tongues) {
    this.reply = reply;
    this.map = map;
    List<UUID> there = about.stream().filter(map::has).toList();
    this.anchors = there.isEmpty() ? List.of(map.root().id()) : there;
    this.wish = wish;
    this.byHand = byHand;
    this.standing = Entry.of(map, anchors);
    this.offered = Entries.of(reply, Citing.keys(map));
    this.pairing = new Pairing(standing, offered, tongues);
    this.meaning = new Meaning(tongues);
    Citing.evidence(map).forEach((id, each) -> evidence.put(id.toString(), each));
  }

  /**
   * In what a reply differs from a map.
   *
   * @param about the topics that it was asked for, empty for the whole map
   * @param wish what was asked, or null if that is not known
   * @param byHand what a person did by hand
   * @param tongues of the sources, empty for English
   */
  public static Compared of(
      Reply reply,
      TopicMap map,
      List<UUID> about,
      Wish wish,
      ByHand byHand,
      Collection<Tongue> tongues) {
    return new Comparing(reply, map, about, wish, byHand, tongues).compared();
  }

  /** Whether a wish is answered by labels with something after them. */
  public static boolean inPairs(Wish wish) {
    return wish == Wish.DEFINITIONS || ABOUT_LABELS.contains(wish);
  }

  private Compared compared() {
    head();
    pairing.run();
    boolean flat = reply.points().stream().allMatch(point -> point.level() == 1);
    for (int i = 0; i < offered.size(); i++) {
      int to = pairing.standing(i);
      if (to < 0) {
        add(Kind.NEW, i, null, "", offered.get(i).label(), 0, false);
      } else {
        paired(i, map.topic(standing.get(to).topic()), flat);
      }
    }
    links();
    missing();
    List<UUID> topics = new ArrayList<>();
    for (int i = 0; i < offered.size(); i++) {
      int to = pairing.standing(i);
      topics.add(to < 0 ? null : standing.get(to).topic());
    }
    return new Compared(topics, found);
  }

  private void add(
      Kind kind, int point, UUID topic, String was, String is, double sure, boolean yours) {
    found.add(new Difference(kind, point, topic, was, is, Math.round(sure * 100) / 100.0, yours));
  }

  /** A single root of the reply is the topic that it was asked about, unless it is another. */
  private void head() {
    boolean single =
        anchors.size() == 1
            && reply.points().size() > 1
            && reply.points().stream().filter(point -> point.level() == 1).count() == 1;
    if (!single || standing.isEmpty()) {
      return;
    }
    double like = pairing.near(0, 0);
    double elsewhere = 0;
    for (int i = 1; i < standing.size(); i++) {
      elsewhere = Math.max(elsewhere, pairing.near(0, i));
    }
    boolean outline = wish == Wish.SUBJECT || wish == Wish.SOURCES || wish == Wish.BELOW;
    boolean known = like >= HEAD_LIKE && like >= elsewhere;
    if (known || elsewhere < ELSEWHERE && (outline || familiar())) {
      pairing.pair(0, 0);
    }
  }

  /** Whether half of what stands under the root of the reply stands under the topic asked about. */
  private boolean familiar() {
    List<Integer> mains = new ArrayList<>();
    for (int i = 1; i < standing.size(); i++) {
      if (standing.get(i).parent() == 0) {
        mains.add(i);
      }
    }
    int below = 0;
    int met = 0;
    for (int i = 1; i < offered.size(); i++) {
      if (offered.get(i).parent() == 0) {
        int point = i;
        below++;
        met += mains.stream().anyMatch(main -> pairing.near(point, main) >= ELSEWHERE) ? 1 : 0;
      }
    }
    return below > 0 && met * 2 >= below;
  }

  private void paired(int i, Topic topic, boolean flat) {
    Point point = reply.points().get(i);
    double sure = pairing.likeness(i);
    int before = found.size();
    boolean head = anchors.contains(topic.id());
    boolean labels = ABOUT_LABELS.contains(wish);
    String wanted = labels && !point.definition().isBlank() ? point.definition() : point.label();
    boolean other =
        labels ? !wanted.equals(topic.label()) : !head && pairing.likeness(i) < SAME_LABEL;
    if (other) {
      boolean yours = byHand.labels().contains(topic.id());
      add(Kind.RENAMED, i, topic.id(), topic.label(), wanted, sure, yours);
    }
    if (!head && !flat && moved(i, topic)) {
      boolean yours = byHand.places().contains(topic.id());
      String above =
          offered.get(i).parent() < 0 ? "" : offered.get(offered.get(i).parent()).label();
      String was = topic.parent() == null ? "" : map.topic(topic.parent()).label();
      add(Kind.MOVED, i, topic.id(), was, above.isEmpty() ? first().label() : above, sure, yours);
    }
    String definition = topic.content().gloss().definition();
    boolean says = !labels && !point.definition().isBlank();
    if (says && !meaning.stems(definition).equals(meaning.stems(point.definition()))) {
      boolean yours = !definition.isBlank() && byHand.definitions().contains(topic.id());
      add(Kind.DEFINED, i, topic.id(), definition, point.definition(), sure, yours);
    }
    long more = offered.get(i).cites().stream().filter(cite -> fresh(cite, topic)).count();
    if (more > 0) {
      add(
          Kind.CITED,
          i,
          topic.id(),
          "",
          more + (more == 1 ? " passage" : " passages"),
          sure,
          false);
    }
    if (found.size() == before) {
      add(Kind.SAME, i, topic.id(), topic.label(), point.label(), sure, false);
    }
  }

  /** Whether a key stands for a passage of the map that a topic does not have. */
  private boolean fresh(String cite, Topic topic) {
    Evidence named = evidence.get(cite);
    return named != null
        && topic.evidence().stream().noneMatch(e -> e.passage().samePlace(named.passage()));
  }

  private Topic first() {
    return map.topic(anchors.get(0));
  }

  /** Whether a point stands under another topic than the one that it is. */
  private boolean moved(int i, Topic topic) {
    int parent = offered.get(i).parent();
    if (parent < 0) {
      boolean free = ONLY_MORE.contains(wish);
      return !free && anchors.size() == 1 && !anchors.get(0).equals(topic.parent());
    }
    int to = pairing.standing(parent);
    return to < 0 || !standing.get(to).topic().equals(topic.parent());
  }

  private void links() {
    Map<String, UUID> ends = Citing.labels(reply, found, map);
    Set<String> there = new HashSet<>();
    for (CrossLink link : map.links()) {
      there.add(link.from() + " " + link.to());
    }
    List<Linked> links = reply.links();
    for (int i = 0; i < links.size(); i++) {
      Linked link = links.get(i);
      UUID from = ends.get(Citing.key(link.from()));
      UUID to = ends.get(Citing.key(link.to()));
      boolean known = from != null && to != null && there.contains(from + " " + to);
      String words =
          link.from()
              + " "
              + (link.phrase().isEmpty() ? "\u2192" : link.phrase())
              + " "
              + link.to();
      if (!known) {
        add(Kind.RELATED, i, null, "", words, 1, false);
      }
    }
  }

  /** What the map has and the reply does not; everything that is there is paired or named. */
  private void missing() {
    for (int i = 0; i < standing.size(); i++) {
      Entry entry = standing.get(i);
      if (pairing.offered(i) < 0 && !anchors.contains(entry.topic())) {
        Topic topic = map.topic(entry.topic());
        String above = map.topic(topic.parent()).label();
        add(Kind.MISSING, -1, topic.id(), topic.label(), above, 0, byHand.touches(map, topic));
      }
    }
  }

  /** Whether what a reply leaves out says nothing, as it was asked only for what is not there. */
  public static boolean onlyMore(Wish wish) {
    return ONLY_MORE.contains(wish);
  }
}
