package org.pergamena.core.publish;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.pergamena.core.map.Also;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Gloss;
import org.pergamena.core.map.Numbering;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Source;

/**
 * A map as a text that is read from beginning to end: a heading for each topic, and under it what
 * it carries.
 *
 * @param title what the root says
 * @param blocks in their order
 * @param cited the sources of which passages are quoted, in the order in which they first are
 */
public record Report(String title, List<Block> blocks, List<UUID> cited) {
  public Report {
    blocks = List.copyOf(blocks);
    cited = List.copyOf(cited);
  }

  /** Puts a report together. */
  private static final class Maker {
    private final Scope.Published published;
    private final TopicMap map;
    private final Map<UUID, Source> sources;
    private final Function<String, List<Block>> notes;
    private final Map<UUID, String> numbers;
    private final Map<UUID, List<CrossLink>> links;
    private final Map<UUID, List<Also>> also;
    private final List<Block> blocks = new ArrayList<>();
    private final Set<UUID> cited = new LinkedHashSet<>();

    Maker(Scope.Published published, List<Source> sources, Function<String, List<Block>> notes) {
      this.published = published;
      this.map = published.map();
      this.sources = sources.stream().collect(Collectors.toMap(Source::id, Function.identity()));
      this.notes = notes;
      this.numbers = Numbering.of(map);
      this.links = map.links().stream().collect(Collectors.groupingBy(CrossLink::from));
      this.also = map.also().stream().collect(Collectors.groupingBy(Also::parent));
    }

    private void topic(Topic topic, int level) {
      if (level > 0) {
        String number = map.look().numbered() ? numbers.get(topic.id()) : "";
        String mark = published.mark(topic.id());
        blocks.add(new Block.Heading(topic.id(), level, number, topic.label(), mark));
      }
      Gloss gloss = topic.content().gloss();
      gloss
          .pictures()
          .forEach(p -> blocks.add(new Block.Figure(p.image(), p.alt(), p.width(), p.height())));
      said(Block.Kind.DEFINITION, gloss.definition());
      said(Block.Kind.SUMMARY, topic.summary());
      said(Block.Kind.TAGS, map.legend().words(topic));
      if (!topic.note().isBlank()) {
        blocks.addAll(notes.apply(topic.note()));
      }
      topic.evidence().forEach(this::passage);
      for (CrossLink link : links.getOrDefault(topic.id(), List.of())) {
        relation(link);
      }
      map.children(topic).forEach(child -> topic(child, level + 1));
      for (Also again : also.getOrDefault(topic.id(), List.of())) {
        said(Block.Kind.ALSO, "Also here: " + named(again.topic()));
      }
    }

    private void said(Block.Kind kind, String words) {
      if (!words.isBlank()) {
        blocks.add(Block.Paragraph.of(kind, words.strip().replaceAll("\\s+", " ")));
      }
    }

    private void passage(Evidence evidence) {
      Source source = sources.get(evidence.passage().source());
      if (source != null) {
        cited.add(source.id());
        Passage passage = evidence.passage();
        blocks.add(new Block.Passage(passage.line(), source.id(), source.place(passage)));
      }
    }

    private void relation(CrossLink link) {
      List<Block.Run> runs = new ArrayList<>();
      if (!link.phrase().isEmpty()) {
        runs.add(new Block.Run(link.phrase() + " ", false, true, null));
      }
      String supposed = link.manner().supposed() ? " (supposed)" : "";
      String note = link.note().isBlank() ? "" : ": " + link.note().strip();
      String arrow = link.manner().direction().arrow();
      runs.add(Block.Run.plain(arrow + " " + named(link.to()) + supposed + note));
      blocks.add(new Block.Paragraph(Block.Kind.RELATION, runs));
      link.grounds().forEach(this::passage);
    }

    private String named(UUID topic) {
      String number = numbers.get(topic);
      boolean told = map.look().numbered() && !number.isEmpty();
      return map.topic(topic).label() + (told ? " (" + number + ")" : "");
    }
  }

  /**
   * The report of what is published of a map.
   *
   * @param notes what a note says, which is written in CommonMark
   */
  public static Report of(
      Scope.Published published, List<Source> sources, Function<String, List<Block>> notes) {
    Maker maker = new Maker(published, sources, notes);
    maker.topic(published.map().root(), 0);
    return new Report(published.map().root().label(), maker.blocks, List.copyOf(maker.cited));
  }
}
