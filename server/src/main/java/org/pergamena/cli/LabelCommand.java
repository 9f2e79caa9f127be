package org.pergamena.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import org.pergamena.core.distil.Naming;
import org.pergamena.core.distil.label.LabelFacts;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.source.Span;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * {@code pergamena label FILE}: offers labels and passages for stretches of texts.
 *
 * <p>The file is JSON, a list of {@code {"text", "groups": [{"id", "extent": [[start, end],
 * ...]}]}} with offsets in UTF-16 code units; what comes out is a line of JSON a group, {@code
 * {"id", "labels": [...], "passages": [{"start", "end"}, ...]}}, the best first.
 */
@Command(
    name = "label",
    mixinStandardHelpOptions = true,
    description = "Offers labels and passages for stretches of texts, as lines of JSON.")
public final class LabelCommand implements Callable<Integer> {
  private static final int MOST_LABELS = 5;
  private static final int MOST_PASSAGES = 3;
  private static final int MOST_FACTS = 40;

  @Parameters(paramLabel = "FILE", description = "Texts and stretches of them, as JSON.")
  private Path file;

  @Option(
      names = "--facts",
      description = "All labels that could be chosen, with what is told of each, for training.")
  private boolean facts;

  /** A text with the stretches that are to be named. */
  private record Text(String text, List<Stretch> groups) {
    Text {
      if (text == null || groups == null) {
        throw new IllegalArgumentException(
            "A text without words or groups is in the file. See --help for the form.");
      }
    }
  }

  /** Stretches that belong together. */
  private record Stretch(String id, List<List<Integer>> extent) {
    Stretch {
      if (extent == null) {
        throw new IllegalArgumentException("Group " + id + " has no extent.");
      }
    }
  }

  private record Answer(String id, List<String> labels, List<Place> passages) {}

  private record Weighed(String id, List<LabelFacts> labels) {}

  private record Place(int start, int end) {}

  /** Runs the command and exits: 0, or 2 with a sentence on standard error. */
  public static void main(String[] arguments) {
    System.exit(run(arguments));
  }

  static int run(String... arguments) {
    return Complaint.line(new LabelCommand()).execute(arguments);
  }

  @Override
  public Integer call() throws IOException {
    JsonMapper json = JsonMapper.builder().build();
    for (Text text : texts(json)) {
      UUID id = new UUID(0, 1);
      Naming naming = new Naming(List.of(TextAnalyser.analyse(source(id, text.text()))));
      for (Stretch group : text.groups()) {
        Naming.Stretches stretches = naming.at(Map.of(id, spans(text, group)));
        System.out.println(
            json.writeValueAsString(
                facts
                    ? new Weighed(group.id(), stretches.facts(MOST_FACTS))
                    : answer(group.id(), stretches)));
      }
    }
    return 0;
  }

  private List<Text> texts(JsonMapper json) throws IOException {
    try {
      return List.of(json.readValue(Files.readAllBytes(file), Text[].class));
    } catch (JacksonException e) {
      if (e.getCause() instanceof IllegalArgumentException own) {
        throw own;
      }
      throw new IllegalArgumentException(
          file
              + ", line "
              + (e.getLocation() == null ? 1 : e.getLocation().getLineNr())
              + ": this is not a list of texts with groups in JSON. See --help for the form.",
          e);
    }
  }

  private static Source source(UUID id, String text) {
    return new Source(
        id, "text", new SourceText(text, paragraphs(text), List.of(), List.of(), List.of()));
  }

  /** What stands between blank lines, without the blanks around it. */
  static List<Block> paragraphs(String text) {
    List<Block> blocks = new ArrayList<>();
    int start = -1;
    int end = -1;
    for (int line = 0; line < text.length(); ) {
      int next = text.indexOf('\n', line);
      next = next < 0 ? text.length() : next + 1;
      int first = line;
      int last = next;
      while (first < last && Character.isWhitespace(text.charAt(first))) {
        first++;
      }
      while (last > first && Character.isWhitespace(text.charAt(last - 1))) {
        last--;
      }
      if (first < last) {
        start = start < 0 ? first : start;
        end = last;
      } else if (start >= 0) {
        blocks.add(new Block(start, end, Block.Kind.PARAGRAPH, 0));
        start = -1;
      }
      line = next;
    }
    if (start >= 0) {
      blocks.add(new Block(start, end, Block.Kind.PARAGRAPH, 0));
    }
    return blocks;
  }

  private static List<Span> spans(Text text, Stretch group) {
    List<Span> spans = new ArrayList<>();
    for (List<Integer> part : group.extent()) {
      boolean sound = part.size() == 2 && part.get(0) >= 0 && part.get(1) <= text.text().length();
      if (!sound || part.get(0) > part.get(1)) {
        throw new IllegalArgumentException(
            "Group " + group.id() + " has an extent that is not within its text: " + part + ".");
      }
      spans.add(new Span(part.get(0), part.get(1)));
    }
    return spans;
  }

  private static Answer answer(String id, Naming.Stretches stretches) {
    List<String> labels = stretches.labels(MOST_LABELS);
    return new Answer(
        id,
        labels,
        stretches.quotes(labels.isEmpty() ? "" : labels.get(0), MOST_PASSAGES).stream()
            .map(quote -> new Place(quote.span().start(), quote.span().end()))
            .toList());
  }
}
