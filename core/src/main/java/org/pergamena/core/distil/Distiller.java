package org.pergamena.core.distil;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.pergamena.core.distil.Distilled.Node;
import org.pergamena.core.distil.group.Group;
import org.pergamena.core.distil.group.Grouping;
import org.pergamena.core.distil.label.Labeller;
import org.pergamena.core.distil.label.WorkTitle;
import org.pergamena.core.distil.quote.Gist;
import org.pergamena.core.distil.quote.Quote;
import org.pergamena.core.distil.quote.Quoting;
import org.pergamena.core.distil.quote.Strength;
import org.pergamena.core.distil.segment.Part;
import org.pergamena.core.distil.segment.Parts;
import org.pergamena.core.distil.steer.Terms;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Bag;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.map.Extent;
import org.pergamena.core.progress.Progress;

/**
 * Distils sources into a tree of topics.
 *
 * <pre>{@code
 * List<Analysed> texts = sources.stream().map(TextAnalyser::analyse).toList();
 * TopicMap map = new Distiller(texts, DistilOptions.DEFAULT, Progress.NONE)
 *     .distil()
 *     .map(UUID.randomUUID(), UUID::randomUUID);
 * }</pre>
 */
public final class Distiller {
  private static final double WEIGHING = 0.3;
  private static final int INNER_QUOTES = 2;

  private final List<Analysed> texts;
  private final DistilOptions options;
  private final Progress progress;
  private final int divisible;
  private Labeller labeller;
  private Quoting quoting;
  private Gist gist;
  private Strength strength;
  private Map<Group, Set<Integer>> leaves;
  private int named;
  private int toName;

  /**
   * Prepares to distil.
   *
   * @param texts in the order in which the person brought them; those without words count for
   *     nothing
   */
  public Distiller(List<Analysed> texts, DistilOptions options, Progress progress) {
    this(texts, options, progress, Parts.DIVISIBLE_WORDS);
  }

  /**
   * Prepares to distil finely.
   *
   * @param divisible text without headings of fewer words than this is not divided
   */
  Distiller(List<Analysed> texts, DistilOptions options, Progress progress, int divisible) {
    this.divisible = divisible;
    this.texts =
        texts.stream()
            .filter(
                text ->
                    options.sources().isEmpty() || options.sources().contains(text.source().id()))
            .map(text -> Terms.without(text, options.wishes().without()))
            .filter(text -> !text.sentences().isEmpty())
            .toList();
    this.options = options;
    this.progress = progress;
  }

  /**
   * Does all the steps.
   *
   * @throws IllegalArgumentException if there are no words in any source
   */
  public Distilled distil() {
    Group root = divided();
    quoting = new Quoting(texts, this::weighing);
    gist = new Gist(quoting);
    Node named = named(root);
    List<String> missing =
        options.wishes().terms().stream().filter(term -> !names(named, term)).toList();
    if (missing.isEmpty()) {
      return new Distilled(named);
    }
    for (String term : missing) {
      root = Terms.with(root, term);
    }
    return new Distilled(named(root));
  }

  /**
   * What would come.
   *
   * @param levels number of topics on each level, from the main branches on, terms that must appear
   *     not counted
   * @param subjects the sources by what they speak of: those of one list have to do with each
   *     other, directly or by way of others; too short a source to tell is in none
   */
  public record Outlook(List<Integer> levels, List<List<UUID>> subjects) {}

  /** What would come, without names. */
  public Outlook outlook() {
    Group root = divided();
    List<Integer> sizes = new ArrayList<>();
    count(root, 0, sizes);
    return new Outlook(sizes.subList(1, sizes.size()), Grouping.subjects(root.parts()));
  }

  private static void count(Group group, int level, List<Integer> sizes) {
    if (sizes.size() == level) {
      sizes.add(0);
    }
    sizes.set(level, sizes.get(level) + 1);
    group.children().forEach(child -> count(child, level + 1, sizes));
  }

  private Group divided() {
    if (texts.isEmpty()) {
      throw new IllegalArgumentException(
          "There are no words in these sources to distil. Add a source with text.");
    }
    progress.at("Dividing the sources", 0.05);
    return new Division(options, progress, divisible).of(texts);
  }

  private void weighing() {
    progress.at("Weighing words", WEIGHING);
  }

  private Node named(Group divided) {
    labeller = new Labeller(texts, this::weighing);
    for (Group group : divided.children()) {
      labeller.prepare(group, this::weighing);
    }
    Group root = new LeafJoiner(options.detail().nameable(), labeller::rating).joined(divided);
    leaves = new IdentityHashMap<>();
    List<Bag> bags = new ArrayList<>();
    leaves(root, bags);
    strength = new Strength(quoting, bags);
    named = 0;
    toName = count(root);
    Optional<String> title = title(root);
    title.ifPresent(words -> labeller.keep(words, texts.get(0).tongue()));
    return node(root, title.orElseGet(() -> labeller.label(root, "")));
  }

  /** A map of all that the sources say is called by their titles, where no heading is over it. */
  private Optional<String> title(Group root) {
    boolean asked = !options.wishes().question().isEmpty();
    boolean headed = root.heading() != null && !WorkTitle.numbered(root.heading());
    return asked || headed
        ? Optional.empty()
        : WorkTitle.of(texts.stream().map(Analysed::source).toList());
  }

  /** Numbers the leaves of a tree, and gives for each group those that it is or has below it. */
  private Set<Integer> leaves(Group group, List<Bag> bags) {
    Set<Integer> own = new TreeSet<>();
    if (group.children().isEmpty()) {
      own.add(bags.size());
      bags.add(group.bag());
    }
    group.children().forEach(child -> own.addAll(leaves(child, bags)));
    leaves.put(group, own);
    return own;
  }

  private boolean names(Node node, String term) {
    Tongue tongue = texts.get(0).tongue();
    return Terms.names(node.label(), term, tongue)
        || node.children().stream().anyMatch(child -> names(child, term));
  }

  private static int count(Group group) {
    return 1 + group.children().stream().mapToInt(Distiller::count).sum();
  }

  private Node node(Group group, String label) {
    progress.at("Naming topics and choosing passages", 0.4 + 0.6 * named++ / toName);
    String asked = label + " " + options.wishes().question();
    List<Extent> extent = new ArrayList<>();
    group.own().forEach(part -> extent.addAll(part.extents()));
    boolean leaf = group.children().isEmpty();
    List<Quote> chosen =
        quoting.choose(group.own(), asked, leaf ? options.detail().quotes() : INNER_QUOTES);
    List<Quote> quotes = strength.weigh(chosen, leaves.get(group));
    List<Node> children =
        group.children().stream().map(child -> node(child, labeller.label(child, label))).toList();
    List<List<Part>> below =
        leaf
            ? List.of(group.own())
            : group.children().stream().filter(c -> !c.aside()).map(Group::parts).toList();
    Set<String> shown = new HashSet<>();
    children.forEach(child -> shown(child, shown));
    String summary = gist.of(below, label, shown);
    return new Node(label, summary, extent, quotes, children, group.aside());
  }

  private static void shown(Node node, Set<String> shown) {
    shown.add(node.summary());
    node.quotes().forEach(quote -> shown.add(Gist.words(quote)));
    node.children().forEach(child -> shown(child, shown));
  }
}
