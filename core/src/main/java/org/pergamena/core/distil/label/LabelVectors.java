package org.pergamena.core.distil.label;

import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.pergamena.core.meaning.Encoder;
import org.pergamena.core.progress.CallerOnly;

/**
 * The vectors of labels, each made once: what is below a topic could often name the topic too.
 * Those that are made ahead are encoded with others as long as they, which is what costs least.
 */
final class LabelVectors {
  private static final int TOGETHER = 16;

  private final Map<String, float[]> known = new HashMap<>();

  /**
   * Makes those of labels that have none yet, on as many threads as there are; what they become
   * depends on the labels alone.
   *
   * @param pulse run again and again on the calling thread alone; it may throw to stop the work
   */
  void prepare(Collection<String> labels, Encoder encoder, Runnable pulse) {
    List<String> all =
        labels.stream()
            .distinct()
            .filter(label -> !known.containsKey(label))
            .sorted(Comparator.comparingInt(String::length).thenComparing(label -> label))
            .toList();
    Runnable mine = CallerOnly.of(pulse);
    int batches = (all.size() + TOGETHER - 1) / TOGETHER;
    List<float[][]> made =
        IntStream.range(0, batches)
            .parallel()
            .mapToObj(
                i -> {
                  mine.run();
                  return encoded(batch(all, i), encoder);
                })
            .toList();
    for (int i = 0; i < batches; i++) {
      keep(batch(all, i), made.get(i));
    }
  }

  private static List<String> batch(List<String> all, int i) {
    return all.subList(i * TOGETHER, Math.min(all.size(), (i + 1) * TOGETHER));
  }

  /** Those of some labels, in their order. */
  float[][] of(List<String> labels, Encoder encoder) {
    List<String> fresh =
        labels.stream().distinct().filter(label -> !known.containsKey(label)).toList();
    if (!fresh.isEmpty()) {
      keep(fresh, encoded(fresh, encoder));
    }
    return labels.stream().map(known::get).toArray(float[][]::new);
  }

  private void keep(List<String> labels, float[][] vectors) {
    for (int i = 0; i < vectors.length; i++) {
      known.put(labels.get(i), vectors[i]);
    }
  }

  private static float[][] encoded(List<String> labels, Encoder encoder) {
    return encoder.vectors(labels.stream().map(label -> List.of(label.split(" "))).toList());
  }
}
