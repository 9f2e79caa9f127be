package org.pergamena.core.distil;

import java.util.ArrayList;
import java.util.List;
import org.pergamena.core.distil.group.Group;
import org.pergamena.core.distil.group.Grouping;
import org.pergamena.core.distil.segment.HeadingTree;
import org.pergamena.core.distil.segment.Part;
import org.pergamena.core.distil.segment.Parts;
import org.pergamena.core.distil.steer.Sorting;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.time.Timeline;
import org.pergamena.core.progress.Progress;

/** Divides sources into a tree of groups, as the person wishes it: all of distilling but names. */
final class Division {
  /** What the sources say beside what was asked for. */
  static final String REST = "Also in the sources";

  private static final int HEADED_MAIN = 12;
  private static final int MOST_MAIN = 10;
  private static final int LEAST_MAIN = 4;
  private static final int MOST_BELOW = 7;
  private static final double DIVIDING = 0.08;
  private static final double FEWER = 0.8;
  private static final int FRONT_MATTER_WORDS = 40;
  private static final int WORDS_PER_PART = 260;

  private final DistilOptions options;
  private final Progress progress;
  private final int divisible;

  /**
   * @param divisible text without headings of fewer words than this is not divided
   */
  Division(DistilOptions options, Progress progress, int divisible) {
    this.options = options;
    this.progress = progress;
    this.divisible = (int) (divisible * options.detail().size());
  }

  /**
   * The tree of some texts.
   *
   * @throws IllegalArgumentException with a sentence for the person if a wish cannot be met
   */
  Group of(List<Analysed> texts) {
    Group root = wished(texts);
    if (options.order() != DistilOptions.Order.TIME) {
      return root;
    }
    Timeline timeline = new Timeline(texts);
    if (timeline.empty()) {
      throw new IllegalArgumentException(
          "There are no dates in these sources to put topics in order by. Choose another order.");
    }
    return timeline.sorted(root);
  }

  private Group wished(List<Analysed> texts) {
    Wishes wishes = options.wishes();
    List<Analysed> rest = new ArrayList<>();
    List<Analysed> on = texts;
    if (!wishes.question().isEmpty()) {
      progress.at("Weighing by the question", 0.02);
      Sorting sorting = Sorting.byQuestion(texts, wishes.question());
      on = sorting.found().get(wishes.question());
      rest.addAll(sorting.rest());
    }
    Group root;
    if (wishes.mains().isEmpty()) {
      root = divided(on, options.levels(), true);
    } else {
      progress.at("Filling your main branches", 0.05);
      Sorting sorting = Sorting.byBranches(on, wishes.mains());
      List<Group> mains = new ArrayList<>();
      sorting.found().forEach((label, found) -> mains.add(named(label, found, false)));
      root = new Group(null, List.of(), mains);
      rest = joined(texts, sorting.rest(), rest);
    }
    return rest.isEmpty() ? root : withRest(root, rest);
  }

  /** What two sortings left of the same texts, each text once. */
  private static List<Analysed> joined(
      List<Analysed> texts, List<Analysed> some, List<Analysed> others) {
    List<Analysed> joined = new ArrayList<>();
    for (Analysed text : texts) {
      List<Analysed> left = new ArrayList<>();
      some.stream().filter(text::isOf).forEach(left::add);
      others.stream().filter(text::isOf).forEach(left::add);
      if (!left.isEmpty()) {
        joined.add(text.only(left.stream().flatMap(part -> part.kept().stream()).toList()));
      }
    }
    return joined;
  }

  private Group withRest(Group root, List<Analysed> rest) {
    List<Group> children = new ArrayList<>(root.children());
    if (children.isEmpty()) {
      children.add(new Group(null, root.own(), List.of()));
    }
    children.add(named(REST, rest, true));
    String question = options.wishes().question();
    return new Group(
        question.isEmpty() ? root.heading() : question,
        root.children().isEmpty() ? List.of() : root.own(),
        children);
  }

  private Group named(String label, List<Analysed> texts, boolean aside) {
    if (texts.isEmpty()) {
      return new Group(label, List.of(), List.of(), aside);
    }
    Group found = divided(texts, options.levels() - 1, false);
    return new Group(label, found.own(), found.children(), aside);
  }

  /** The tree of some texts of so many levels; as a whole map, or as a branch of one. */
  private Group divided(List<Analysed> texts, int levels, boolean whole) {
    if (texts.size() == 1) {
      return one(texts.get(0), levels, whole);
    }
    return options.order() == DistilOptions.Order.SOURCES && levels > 0
        ? sideBySide(texts, levels)
        : several(texts, levels, whole);
  }

  private Group one(Analysed text, int levels, boolean whole) {
    boolean headed = HeadingTree.divides(text);
    int own = whole ? MOST_MAIN : MOST_BELOW;
    int most = options.most(headed ? HEADED_MAIN : own);
    int main = Math.min(most, mainBranches(text.words(0, text.sentences().size()) / 100.0));
    Group group =
        Grouping.ofOne(
            parts(text, levels, main), most, options.most(headed ? HEADED_MAIN : MOST_BELOW));
    return limited(group, levels);
  }

  /** Each source as a main branch under its name, its own tree below. */
  private Group sideBySide(List<Analysed> texts, int levels) {
    List<Group> branches = new ArrayList<>();
    for (Analysed text : texts) {
      Group own = one(text, levels - 1, false);
      branches.add(new Group(text.source().name(), own.own(), own.children()));
    }
    return new Group(null, List.of(), branches);
  }

  private Group several(List<Analysed> texts, int levels, boolean whole) {
    List<Part> roots = new ArrayList<>();
    double words = 0;
    for (Analysed text : texts) {
      int size = text.words(0, text.sentences().size());
      int parts = Math.max(2, Math.round((float) size / Math.min(WORDS_PER_PART, divisible)));
      int deep = HeadingTree.divides(text) ? Math.max(1, levels) : 1;
      roots.add(parts(text, deep, parts));
      words += size;
    }
    progress.at("Joining what is about the same", 0.15);
    int most = options.most(whole ? MOST_MAIN : MOST_BELOW);
    int main = Math.min(most, mainBranches(words / 200));
    Group group = Grouping.ofSeveral(roots, main, options.most(MOST_BELOW), Math.max(1, levels));
    return limited(group, levels);
  }

  private Part parts(Analysed text, int levels, int main) {
    return withoutIndex(withoutFrontMatter(Parts.of(text, levels, main, divisible, this::pulse)));
  }

  private void pulse() {
    progress.at("Dividing the sources", DIVIDING);
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

  /** Takes an index at the end off the map. */
  private Part withoutIndex(Part root) {
    int last = root.children().size() - 1;
    if (last < 1 || !HeadingTree.isIndex(root.children().get(last).title())) {
      return root;
    }
    return new Part(
        root.text(),
        root.from(),
        root.children().get(last).from(),
        root.title(),
        root.start(),
        root.children().subList(0, last));
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
}
