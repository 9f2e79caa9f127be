package org.pergamena.cli;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.Callable;
import org.pergamena.core.analysis.LabelRules;
import org.pergamena.core.distil.DistilOptions;
import org.pergamena.core.distil.Distiller;
import org.pergamena.core.distil.quote.Quoting;
import org.pergamena.core.distil.quote.Strength;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Bag;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.progress.Progress;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/** {@code CheckCommand FILE...}: distils files and says how sound labels and strengths are. */
@Command(name = "check", description = "Distils files and checks labels and strengths.")
public final class CheckCommand implements Callable<Integer> {
  private static final int SEED = 7;

  @Parameters(arity = "1..*", paramLabel = "FILE")
  private List<Path> files;

  /** Runs the command and exits. */
  public static void main(String[] arguments) {
    System.exit(Complaint.line(new CheckCommand()).execute(arguments));
  }

  @Override
  public Integer call() throws Exception {
    List<Analysed> texts = new ArrayList<>();
    for (Path file : files) {
      texts.add(TextAnalyser.analyse(DistilCommand.source(file, UUID.randomUUID())));
    }
    TopicMap map =
        new Distiller(texts, DistilOptions.DEFAULT, Progress.NONE)
            .distil()
            .map(UUID.randomUUID(), UUID::randomUUID);
    Map<LabelRules.Rule, Integer> broken = new TreeMap<>();
    LabelRules.broken(map, texts).forEach(b -> broken.merge(b.rule(), 1, Integer::sum));
    System.out.printf(
        Locale.ROOT,
        "%d topics, labels that break a rule: %s, strength: area under the curve %.3f%n",
        map.size() - 1,
        broken,
        area(map, texts));
    return 0;
  }

  /** How often a right link is stronger than a shuffled one; half where they are equal. */
  private static double area(TopicMap map, List<Analysed> texts) {
    List<Topic> leaves = map.preorder().stream().filter(t -> t.children().isEmpty()).toList();
    List<Bag> bags = new ArrayList<>();
    for (Topic leaf : leaves) {
      Bag bag = new Bag();
      texts.forEach(
          text -> text.only(leaf.spans(text.source().id())).sentences().forEach(bag::add));
      bags.add(bag);
    }
    Strength strength = new Strength(new Quoting(texts), bags);
    Random random = new Random(SEED);
    List<Double> right = new ArrayList<>();
    List<Double> shuffled = new ArrayList<>();
    for (int i = 0; i < leaves.size(); i++) {
      for (Evidence evidence : leaves.get(i).evidence()) {
        Analysed text =
            texts.stream()
                .filter(t -> t.source().id().equals(evidence.passage().source()))
                .findFirst()
                .orElseThrow();
        int other = (i + 1 + random.nextInt(leaves.size() - 1)) % leaves.size();
        right.add(strength.of(text, evidence.passage().span(), Set.of(i)));
        shuffled.add(strength.of(text, evidence.passage().span(), Set.of(other)));
      }
    }
    double won = 0;
    for (double a : right) {
      for (double b : shuffled) {
        won += a > b ? 1 : a == b ? 0.5 : 0;
      }
    }
    return won / right.size() / shuffled.size();
  }
}
