package org.pergamena.core.distil.group;

import java.util.ArrayList;
import java.util.List;
import org.pergamena.core.distil.segment.Part;
import org.pergamena.core.distil.text.Bag;
import org.pergamena.core.distil.text.Sentence;

/**
 * A topic to be: the parts that it accounts for itself and the groups below it.
 *
 * @param heading the author's heading for all of it, or null if it must be named
 * @param own parts that are on this topic and on none below
 * @param aside whether it is not what was asked for
 */
public record Group(String heading, List<Part> own, List<Group> children, boolean aside) {
  /** A group that is not aside. */
  public Group(String heading, List<Part> own, List<Group> children) {
    this(heading, own, children, false);
  }

  public Group {
    own = List.copyOf(own);
    children = List.copyOf(children);
  }

  /** All parts, those of the groups below included, but not what is aside there. */
  public List<Part> parts() {
    List<Part> parts = new ArrayList<>(own);
    children.stream().filter(child -> !child.aside()).forEach(child -> parts.addAll(child.parts()));
    return parts;
  }

  /** All sentences, those of the groups below included. */
  public List<Sentence> sentences() {
    List<Sentence> sentences = new ArrayList<>();
    for (Part part : parts()) {
      sentences.addAll(part.sentences());
    }
    return sentences;
  }

  /** Number of words. */
  public int words() {
    return parts().stream().mapToInt(Part::words).sum();
  }

  /** The content words of all its sentences, counted. */
  public Bag bag() {
    Bag bag = new Bag();
    sentences().forEach(bag::add);
    return bag;
  }
}
