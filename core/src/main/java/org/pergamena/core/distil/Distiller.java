package org.pergamena.core.distil;

import java.util.ArrayList;
import java.util.List;
import org.pergamena.core.distil.Distilled.Node;
import org.pergamena.core.distil.group.Group;
import org.pergamena.core.distil.group.Grouping;
import org.pergamena.core.distil.label.Labeller;
import org.pergamena.core.distil.quote.Quote;
import org.pergamena.core.distil.quote.Quoting;
import org.pergamena.core.distil.segment.HeadingTree;
import org.pergamena.core.distil.segment.Part;
import org.pergamena.core.distil.segment.Parts;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.map.Extent;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.Span;
import org.pergamena.core.source.Spans;

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
  private static final int HEADED_MAIN = 12;
  private static final int MOST_MAIN = 10;
  private static final int LEAST_MAIN = 4;
  private static final int MOST_BELOW = 7;
  private static final double FEWER = 0.8;
  private static final int FRONT_MATTER_WORDS = 40;
  private static final int WORDS_PER_PART = 260;

  private final List<Analysed> texts;
  private final DistilOptions options;
  private final Progress progress;
  private final int divisible;
  private Labeller labeller;
  private Quoting quoting;
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
            .filter(text -> !text.sentences().isEmpty())
            .filter(
                text ->
                    options.sources().isEmpty() || options.sources().contains(text.source().id()))
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
    if (texts.isEmpty()) {
      throw new IllegalArgumentException(
          "There are no words in these sources to distil. Add a source with text.");
    }
    progress.at("Dividing the sources", 0.05);
    Group root = divided();
    progress.at("Weighing words", 0.3);
    labeller = new Labeller(texts);
    quoting = new Quoting(texts);
    toName = count(root);
    return new Distilled(node(root, ""));
  }

  private Group divided() {
    if (texts.size() == 1) {
      return one(texts.get(0), options.levels());
    }
    return options.order() == DistilOptions.Order.SOURCES ? sideBySide() : several();
  }

  private Group one(Analysed text, int levels) {
    boolean headed = HeadingTree.divides(text);
    int most = options.most(headed ? HEADED_MAIN : MOST_MAIN);
    int main = Math.min(most, mainBranches(text.words(0, text.sentences().size()) / 100.0));
    Part root = withoutFrontMatter(Parts.of(text, levels, main, divisible));
    Group group = Grouping.ofOne(root, most, options.most(headed ? HEADED_MAIN : MOST_BELOW));
    return limited(group, levels);
  }

  /** Each source as a main branch under its name, its own tree below. */
  private Group sideBySide() {
    List<Group> branches = new ArrayList<>();
    for (Analysed text : texts) {
      Group own = one(text, options.levels() - 1);
      branches.add(new Group(text.source().name(), own.own(), own.children()));
    }
    return new Group(null, List.of(), branches);
  }

  private Group several() {
    List<Part> roots = new ArrayList<>();
    double words = 0;
    for (Analysed text : texts) {
      int size = text.words(0, text.sentences().size());
      int parts = Math.max(2, Math.round((float) size / Math.min(WORDS_PER_PART, divisible)));
      int levels = HeadingTree.divides(text) ? options.levels() : 1;
      roots.add(withoutFrontMatter(Parts.of(text, levels, parts, divisible)));
      words += size;
    }
    progress.at("Joining what is about the same", 0.15);
    int main = Math.min(options.most(MOST_MAIN), mainBranches(words / 200));
    return Grouping.ofSeveral(roots, main, options.most(MOST_BELOW), options.levels());
  }

  private static int mainBranches(double size) {
    return Math.max(LEAST_MAIN, Math.min(MOST_MAIN, (int) Math.round(FEWER * Math.sqrt(size))));
  }

  /** Takes the few words before the first heading off the map. */
  private Part withoutFrontMatter(Part root) {
    if (root.children().isEmpty() || root.children().get(0).title() == null) {
      return root;
    }
    int first = root.children().get(0).from();
    if (first == root.from() || root.text().words(root.from(), first) >= FRONT_MATTER_WORDS) {
      return root;
    }
    return new Part(
        root.text(),
        first,
        root.to(),
        root.title(),
        root.children().get(0).start(),
        root.children());
  }

  /** Cuts a tree off below so many levels; what was below belongs to the last one. */
  private static Group limited(Group group, int levels) {
    if (levels == 0) {
      return new Group(group.heading(), group.parts(), List.of());
    }
    return new Group(
        group.heading(),
        group.own(),
        group.children().stream().map(child -> limited(child, levels - 1)).toList());
  }

  private static int count(Group group) {
    return 1 + group.children().stream().mapToInt(Distiller::count).sum();
  }

  private Node node(Group group, String above) {
    String label = labeller.label(group, above);
    progress.at("Naming topics and choosing passages", 0.4 + 0.6 * named++ / toName);
    List<Extent> extent = new ArrayList<>();
    for (Part part : group.own()) {
      Source source = part.text().source();
      for (Span span : part.ownExtent()) {
        Spans.without(span, source.excluded())
            .forEach(left -> extent.add(new Extent(source.id(), left)));
      }
    }
    boolean leaf = group.children().isEmpty();
    List<Quote> quotes = quoting.choose(group.own(), label, leaf ? Integer.MAX_VALUE : 2);
    List<Node> children = group.children().stream().map(child -> node(child, label)).toList();
    List<Quote> central = leaf ? quotes : quoting.choose(group.parts(), label, 1);
    String summary = central.isEmpty() ? "" : words(central.get(0));
    return new Node(label, summary, extent, quotes, children);
  }

  private static String words(Quote quote) {
    return quote
        .text()
        .source()
        .text()
        .text()
        .substring(quote.span().start(), quote.span().end())
        .replaceAll("\\s+", " ");
  }
}
