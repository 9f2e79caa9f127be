import java.io.BufferedOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.zip.GZIPOutputStream;
import opennlp.tools.ml.maxent.io.BinaryQNModelWriter;
import opennlp.tools.ml.maxent.quasinewton.QNModel;
import opennlp.tools.ml.maxent.quasinewton.QNTrainer;
import opennlp.tools.ml.model.Event;
import opennlp.tools.ml.model.OnePassDataIndexer;
import opennlp.tools.util.ObjectStreamUtils;
import opennlp.tools.util.TrainingParameters;
import org.pergamena.core.language.SentenceCuts;
import org.pergamena.core.language.SentenceEnds;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.source.Span;

/**
 * Takes marks and capitals out of English texts, a paragraph a line or between blank lines, and fits
 * a model of where their sentences end, or measures how well their ends are found again.
 *
 * <pre>
 * SentenceEndsBench fit MODEL.bin.gz TEXT...
 * SentenceEndsBench score TEXT...
 * </pre>
 */
final class SentenceEndsBench {
  private static final int ITERATIONS = 80;

  /** Words without marks, and after which of them a sentence ends. */
  private record Words(String[] words, String[] tags, Set<Integer> ends) {}

  public static void main(String[] args) throws IOException {
    List<Words> texts = new ArrayList<>();
    boolean fit = args[0].equals("fit");
    for (String text : Arrays.copyOfRange(args, fit ? 2 : 1, args.length)) {
      texts.add(words(Path.of(text)));
    }
    if (fit) {
      fit(Path.of(args[1]), texts);
    } else {
      score(texts);
    }
  }

  private static Words words(Path text) throws IOException {
    Tongue tongue = Tongue.of(Tongue.ENGLISH);
    List<String> words = new ArrayList<>();
    Set<Integer> ends = new HashSet<>();
    for (String paragraph : Files.readString(text).split("\\n\\s*\\n|\\n(?=\\S)")) {
      for (Span sentence : tongue.sentences(paragraph)) {
        String plain = paragraph.substring(sentence.start(), sentence.end()).replace('\u2019', '\'');
        String[] own =
            plain.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}']+|(?<!\\p{L})'|'(?!\\p{L})");
        Arrays.stream(own).filter(word -> !word.isEmpty()).forEach(words::add);
        ends.add(words.size() - 1);
      }
    }
    String[] all = words.toArray(String[]::new);
    return new Words(all, tongue.tagsInRuns(all), ends);
  }

  private static void fit(Path model, List<Words> texts) throws IOException {
    List<Event> events = new ArrayList<>();
    for (Words text : texts) {
      for (int i = 0; i < text.words.length; i++) {
        String outcome = text.ends.contains(i) ? SentenceEnds.END : "on";
        events.add(new Event(outcome, SentenceEnds.context(text.words, text.tags, i)));
      }
    }
    TrainingParameters parameters = new TrainingParameters();
    parameters.put("Iterations", ITERATIONS);
    parameters.put("Cutoff", 12);
    parameters.put("L1Cost", 0.6);
    parameters.put("L2Cost", 0.1);
    OnePassDataIndexer indexer = new OnePassDataIndexer();
    indexer.init(parameters, null);
    indexer.index(ObjectStreamUtils.createObjectStream(events));
    QNTrainer trainer = new QNTrainer();
    trainer.init(parameters, null);
    QNModel fitted = trainer.trainModel(ITERATIONS, indexer);
    try (OutputStream out =
        new GZIPOutputStream(new BufferedOutputStream(Files.newOutputStream(model)))) {
      new BinaryQNModelWriter(fitted, new DataOutputStream(out)).persist();
    }
  }

  private static void score(List<Words> texts) {
    double found = 0;
    double there = 0;
    double right = 0;
    int words = 0;
    for (Words text : texts) {
      double[] odds = SentenceEnds.of(Tongue.ENGLISH).odds(text.words, text.tags);
      List<Integer> ends = SentenceCuts.ends(odds, text.tags);
      found += ends.size();
      there += text.ends.size();
      right += ends.stream().filter(end -> text.ends.contains(end - 1)).count();
      words += text.words.length;
    }
    System.out.printf(
        Locale.ROOT,
        "%,d words, %,.0f sentences: precision %.3f, recall %.3f, F1 %.3f%n",
        words,
        there,
        right / found,
        right / there,
        2 * right / (found + there));
  }
}
