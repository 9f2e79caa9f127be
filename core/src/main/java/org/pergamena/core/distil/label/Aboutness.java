package org.pergamena.core.distil.label;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.pergamena.core.distil.group.Group;
import org.pergamena.core.distil.segment.Part;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.SentenceVectors;
import org.pergamena.core.meaning.Encoder;
import org.pergamena.core.meaning.Vectors;

/** How near labels are in meaning to what they are to name, told by vectors. */
final class Aboutness {
  /** Sentences that stand for what a group is about. */
  private static final int CENTRAL = 3;

  private final Encoder encoder;
  private final float[] whole;
  private final float[] mean;
  private final List<float[]> sentences;
  private final List<float[]> central;

  private Aboutness(Encoder encoder, float[] whole, List<float[]> sentences, float[] mean) {
    this.encoder = encoder;
    this.whole = whole;
    this.sentences = sentences;
    this.mean = mean;
    double[] near = sentences.stream().mapToDouble(each -> Vectors.product(each, mean)).toArray();
    this.central =
        IntStream.range(0, near.length)
            .boxed()
            .sorted(Comparator.comparingDouble((Integer i) -> -near[i]).thenComparing(i -> i))
            .limit(CENTRAL)
            .map(sentences::get)
            .toList();
  }

  /** The mean of all sentences that have vectors, by their words; zero if none has. */
  static float[] whole(Iterable<Analysed> texts, Runnable pulse) {
    float[] sum = new float[Encoder.SIZE];
    for (Analysed text : texts) {
      text.vectors().filter(made -> !made.complete()).ifPresent(made -> made.make(pulse));
      for (Sentence sentence :
          text.vectors().isPresent() ? text.sentences() : List.<Sentence>of()) {
        pulse.run();
        Vectors.add(sum, text.vector(sentence).orElseThrow(), sentence.words());
      }
    }
    return Vectors.unit(sum);
  }

  /** Whether it can be told what a group is about. */
  static boolean tells(Group group) {
    List<Part> parts = group.parts();
    return !parts.isEmpty() && parts.stream().allMatch(part -> part.text().vectors().isPresent());
  }

  /** What encodes the sentences of a group of which it can be told what it is about. */
  static Encoder encoder(Group group) {
    return group.parts().get(0).text().vectors().map(SentenceVectors::encoder).orElseThrow();
  }

  /**
   * What a group is about.
   *
   * @param whole the mean of all that there is
   */
  static Aboutness of(Group group, float[] whole) {
    List<float[]> sentences = new ArrayList<>();
    float[] sum = new float[Encoder.SIZE];
    for (Part part : group.parts()) {
      for (Sentence sentence : part.sentences()) {
        float[] vector = part.text().vector(sentence).orElseThrow();
        sentences.add(vector);
        Vectors.add(sum, vector, sentence.words());
      }
    }
    return new Aboutness(encoder(group), whole, sentences, Vectors.unit(sum));
  }

  /** What is told of each of some labels that are weighed against each other. */
  double[][] told(List<String> labels, LabelVectors known) {
    float[][] vectors = known.of(labels, encoder);
    double[][] told = new double[vectors.length][];
    for (int i = 0; i < told.length; i++) {
      told[i] = told(vectors[i]);
    }
    return told;
  }

  private double[] told(float[] label) {
    double[] near =
        sentences.stream().mapToDouble(each -> -Vectors.product(each, label)).sorted().toArray();
    double here = Vectors.product(label, mean);
    double there = Vectors.product(label, whole);
    return new double[] {
      here,
      there,
      -near[0],
      -IntStream.range(0, Math.min(CENTRAL, near.length))
          .mapToDouble(i -> near[i])
          .average()
          .orElse(0),
      -IntStream.range(0, near.length).mapToDouble(i -> near[i]).average().orElse(0),
      central.stream().mapToDouble(each -> Vectors.product(each, label)).average().orElse(0),
      Vectors.product(sentences.get(0), label),
      here - there
    };
  }
}
