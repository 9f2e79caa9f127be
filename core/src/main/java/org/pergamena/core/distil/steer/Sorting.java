package org.pergamena.core.distil.steer;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.pergamena.core.distil.segment.Part;
import org.pergamena.core.distil.segment.Pieces;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.source.Span;

/**
 * Sorts the small parts of sources by what they bear on: a question, or main branches that were
 * given beforehand.
 *
 * @param found for each of the things asked for, in their order, what of the sources bears on it;
 *     an empty list if nothing does
 * @param rest what bears on none
 */
public record Sorting(Map<String, List<Analysed>> found, List<Analysed> rest) {
  private static final double BESIDE = 0.15;

  /** Parts that bear on a question less than this share of what the best does are off it. */
  private static final double ON_QUESTION = 0.33;

  /** The least relevance to a main branch. */
  private static final double ON_BRANCH = 0.12;

  /**
   * What answers a question, and the rest.
   *
   * @throws IllegalArgumentException with a sentence for the person if nothing does
   */
  public static Sorting byQuestion(List<Analysed> texts, String question) {
    List<Part> parts = Pieces.of(texts, Pieces.LEAST_WORDS);
    double[] scores = smoothed(parts, new Relevance(parts).to(question));
    double best = Arrays.stream(scores).max().orElse(0);
    if (best == 0) {
      throw new IllegalArgumentException(
          "The sources have none of the words of \"" + question + "\". Ask in their own words.");
    }
    int[] places = new int[scores.length];
    for (int i = 0; i < places.length; i++) {
      places[i] = scores[i] >= ON_QUESTION * best ? 0 : -1;
    }
    return sorted(parts, places, List.of(question));
  }

  /**
   * What bears on each of some main branches most, and the rest.
   *
   * @param branches labels, each followed by more words for it after a colon if there are any
   */
  public static Sorting byBranches(List<Analysed> texts, List<String> branches) {
    List<Part> parts = Pieces.of(texts, Pieces.LEAST_WORDS);
    Relevance relevance = new Relevance(parts);
    int[] places = new int[parts.size()];
    double[] most = new double[parts.size()];
    Arrays.fill(places, -1);
    Arrays.fill(most, ON_BRANCH);
    for (int branch = 0; branch < branches.size(); branch++) {
      double[] scores = smoothed(parts, relevance.to(branches.get(branch)));
      for (int i = 0; i < places.length; i++) {
        if (scores[i] > most[i]) {
          most[i] = scores[i];
          places[i] = branch;
        }
      }
    }
    return sorted(parts, places, branches.stream().map(b -> b.split("\\s*:\\s*")[0]).toList());
  }

  /** Scores of parts with something of what those beside them in the same source have. */
  private static double[] smoothed(List<Part> parts, double[] scores) {
    double[] smooth = new double[scores.length];
    for (int i = 0; i < scores.length; i++) {
      double beside = 0;
      for (int j : new int[] {i - 1, i + 1}) {
        if (j >= 0 && j < scores.length && parts.get(j).text() == parts.get(i).text()) {
          beside += scores[j];
        }
      }
      smooth[i] = scores[i] + BESIDE * beside;
    }
    return smooth;
  }

  private static Sorting sorted(List<Part> parts, int[] places, List<String> asked) {
    Map<String, List<Analysed>> found = new LinkedHashMap<>();
    for (int place = 0; place < asked.size(); place++) {
      found.put(asked.get(place), only(parts, places, place));
    }
    return new Sorting(found, only(parts, places, -1));
  }

  /** The texts of the parts in one place, each with these parts only. */
  private static List<Analysed> only(List<Part> parts, int[] places, int place) {
    Map<UUID, Analysed> texts = new LinkedHashMap<>();
    Map<UUID, List<Span>> spans = new HashMap<>();
    for (int i = 0; i < places.length; i++) {
      Part part = parts.get(i);
      if (places[i] == place && !part.sentences().isEmpty()) {
        UUID source = part.text().source().id();
        texts.put(source, part.text());
        spans.computeIfAbsent(source, id -> new ArrayList<>()).addAll(part.ownExtent());
      }
    }
    return texts.entrySet().stream()
        .map(entry -> entry.getValue().only(spans.get(entry.getKey())))
        .toList();
  }
}
