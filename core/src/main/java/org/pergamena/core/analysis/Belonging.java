package org.pergamena.core.analysis;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.pergamena.core.distil.group.Grouping;
import org.pergamena.core.distil.segment.Part;
import org.pergamena.core.distil.segment.Pieces;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Bag;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Span;

/**
 * How sure it is that the text of a topic, and of those below it, is rightly grouped: how many of
 * its paragraphs are more like the rest of it than like any topic beside it (after the silhouette;
 * Peter J. Rousseeuw, <em>Silhouettes</em>, 1987).
 *
 * @param pieces number of its paragraphs
 * @param own how many of them are more like its own text than like that of any topic beside it
 * @param nearest the topic beside it that most of the others are more like, or null
 * @param towards how many of its paragraphs are more like that one
 * @param mixed the sources that it has text of, by what they speak of, where that is not one
 *     subject: those of one list have nothing to do with those of another. Empty where they do.
 */
public record Belonging(int pieces, int own, UUID nearest, int towards, List<List<UUID>> mixed) {
  /** How the text of a topic belongs to it. Without topics beside it, all of it does. */
  public static Belonging of(TopicMap map, Topic topic, List<Analysed> texts) {
    List<Part> mine = pieces(map, topic, texts);
    if (topic.parent() == null || mine.isEmpty()) {
      return new Belonging(mine.size(), mine.size(), null, 0, List.of());
    }
    List<List<UUID>> mixed = mixed(mine, texts);
    List<UUID> beside = new ArrayList<>();
    List<Part> all = new ArrayList<>(mine);
    List<Integer> owners = new ArrayList<>();
    for (UUID id : map.topic(topic.parent()).children()) {
      Topic other = map.topic(id);
      if (!id.equals(topic.id()) && !other.aside()) {
        for (Part piece : pieces(map, other, texts)) {
          all.add(piece);
          owners.add(beside.size());
        }
        beside.add(id);
      }
    }
    List<Bag> vectors = Bag.weighed(all.stream().map(Part::bag).toList());
    List<Bag> centres = new ArrayList<>();
    beside.forEach(id -> centres.add(new Bag()));
    for (int i = 0; i < owners.size(); i++) {
      centres.get(owners.get(i)).add(vectors.get(mine.size() + i));
    }
    return counted(vectors.subList(0, mine.size()), beside, centres, mixed);
  }

  /** The sources of some pieces by subject, told by the whole of each, or none if it is one. */
  private static List<List<UUID>> mixed(List<Part> pieces, List<Analysed> texts) {
    Set<UUID> own =
        pieces.stream().map(piece -> piece.text().source().id()).collect(Collectors.toSet());
    if (own.size() < 2) {
      return List.of();
    }
    List<List<UUID>> subjects =
        Grouping.subjects(Pieces.of(texts, Pieces.LEAST_WORDS)).stream()
            .map(sources -> sources.stream().filter(own::contains).toList())
            .filter(sources -> !sources.isEmpty())
            .toList();
    return subjects.size() > 1 ? subjects : List.of();
  }

  private static Belonging counted(
      List<Bag> mine, List<UUID> beside, List<Bag> centres, List<List<UUID>> mixed) {
    Bag sum = new Bag();
    mine.forEach(sum::add);
    Map<UUID, Integer> towards = new HashMap<>();
    int own = 0;
    for (Bag piece : mine) {
      double most = closeness(piece, sum, piece);
      UUID best = null;
      for (int i = 0; i < centres.size(); i++) {
        double close = closeness(piece, centres.get(i), null);
        if (close > most) {
          most = close;
          best = beside.get(i);
        }
      }
      if (best == null) {
        own++;
      } else {
        towards.merge(best, 1, Integer::sum);
      }
    }
    UUID nearest = null;
    for (UUID id : beside) {
      if (towards.containsKey(id) && (nearest == null || towards.get(id) > towards.get(nearest))) {
        nearest = id;
      }
    }
    return new Belonging(
        mine.size(), own, nearest, nearest == null ? 0 : towards.get(nearest), mixed);
  }

  /** The cosine of a piece, of length 1, with a sum of pieces, one of them taken out. */
  private static double closeness(Bag piece, Bag sum, Bag without) {
    double dot = piece.dot(sum);
    double square = sum.dot(sum);
    if (without != null) {
      square -= 2 * dot - 1;
      dot -= 1;
    }
    return square <= 1e-9 ? 0 : dot / Math.sqrt(square);
  }

  private static List<Part> pieces(TopicMap map, Topic topic, List<Analysed> texts) {
    List<Analysed> own = new ArrayList<>();
    for (Analysed text : texts) {
      List<Span> spans = new ArrayList<>();
      map.preorder(topic).forEach(t -> spans.addAll(t.spans(text.source().id())));
      Analysed only = text.only(spans);
      if (!spans.isEmpty() && !only.sentences().isEmpty()) {
        own.add(only);
      }
    }
    return Pieces.of(own, Pieces.LEAST_WORDS);
  }
}
