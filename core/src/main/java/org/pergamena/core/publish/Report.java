package org.pergamena.core.publish;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
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
import org.pergamena.core.reference.Citation;
import org.pergamena.core.source.Locator;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Source;

/**
 * A map as a text that is read from beginning to end: a heading for each topic, and under it what
 * it carries.
 *
 * @param title what the root says
 * @param blocks in their order
 * @param references the works that are cited
 */
public record Report(String title, List<Block> blocks, List<Citing.Entry> references) {
  /** How many levels of headings a list of contents has. */
  public static final int CONTENTS_LEVELS = 3;

  public Report {
    blocks = List.copyOf(blocks);
    references = List.copyOf(references);
  }

  /** Its headings in their order. */
  public List<Block.Heading> headings() {
    return blocks.stream()
        .filter(Block.Heading.class::isInstance)
        .map(Block.Heading.class::cast)
        .toList();
  }

  /** The headings that a list of its contents has. */
  public List<Block.Heading> contents() {
    return headings().stream().filter(heading -> heading.level() <= CONTENTS_LEVELS).toList();
  }

  /**
   * How a report cites.
   *
   * @param keys the keys of sources as works
   * @param style how citations are worded
   * @param footnotes whether they are footnotes even where the style puts them in the text
   */
  public record Manner(Map<UUID, String> keys, Citing style, boolean footnotes) {
    public Manner {
      keys = Map.copyOf(keys);
    }
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
    private final Map<UUID, String> keys;
    private final Function<Citation, List<Block.Run>> citing;
    private final Cited cited;

    Maker(
        Scope.Published published,
        List<Source> sources,
        Function<String, List<Block>> notes,
        Map<UUID, String> keys,
        Function<Citation, List<Block.Run>> citing) {
      this.keys = keys;
      this.citing = citing;
      this.cited = new Cited(citing);
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
      said(Block.Kind.SUMMARY, topic.content().summaryBesidePassages());
      said(Block.Kind.TAGS, map.legend().words(topic));
      said(Block.Kind.TAGS, gloss.trace() == null ? "" : gloss.trace().words());
      if (!topic.note().isBlank()) {
        blocks.addAll(cited.in(notes.apply(topic.note())));
      }
      topic.evidence().forEach(this::passage);
      for (CrossLink link : links.getOrDefault(topic.id(), List.of())) {
        relation(link);
      }
      map.children(topic).forEach(child -> topic(child, level + 1));
      for (Also again : also.getOrDefault(topic.id(), List.of())) {
        List<Block.Run> runs = List.of(Block.Run.plain("Also here: "), linked(again.topic()));
        blocks.add(new Block.Paragraph(Block.Kind.ALSO, runs));
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
        Passage passage = evidence.passage();
        Citation citation = Citation.of(keys.getOrDefault(source.id(), ""), where(source, passage));
        blocks.add(new Block.Passage(passage.line(), source.id(), citing.apply(citation)));
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
      runs.add(Block.Run.plain(arrow + " "));
      runs.add(linked(link.to()));
      if (!supposed.isEmpty() || !note.isEmpty()) {
        runs.add(Block.Run.plain(supposed + note));
      }
      blocks.add(new Block.Paragraph(Block.Kind.RELATION, runs));
      link.grounds().forEach(this::passage);
    }

    /** A topic's name, which leads to its heading. */
    private Block.Run linked(UUID topic) {
      return new Block.Run(named(topic), false, false, "#" + topic);
    }

    private String named(UUID topic) {
      String number = numbers.get(topic);
      boolean told = map.look().numbered() && !number.isEmpty();
      return map.topic(topic).label() + (told ? " (" + number + ")" : "");
    }
  }

  /** Where in its source a passage stands, as it is cited. */
  public static Citation.Where where(Source source, Passage passage) {
    if (!passage.anchored()) {
      return Citation.Where.WHOLE;
    }
    Locator at = source.text().locate(passage.start());
    if (at.pageLabel() != null && !at.pageLabel().contains(" ")) {
      return new Citation.Where(Citation.Where.Kind.PAGE, at.pageLabel());
    }
    return at.pageLabel() == null && at.startMs() != null
        ? new Citation.Where(Citation.Where.Kind.TIME, at.citation())
        : new Citation.Where(Citation.Where.Kind.PLACE, at.citation());
  }

  /**
   * The report of what is published of a map.
   *
   * @param notes what a note says, which is written in CommonMark
   */
  public static Report of(
      Scope.Published published,
      List<Source> sources,
      Function<String, List<Block>> notes,
      Manner manner) {
    // once to hear what is cited, in its order, and once with the words for it
    List<Citation> asked = new ArrayList<>();
    make(
        published,
        sources,
        notes,
        manner.keys(),
        citation -> {
          asked.add(citation);
          return List.of();
        });
    Citing.Worded worded = manner.style().word(asked);
    Iterator<List<Block.Run>> next = worded.citations().iterator();
    boolean footnotes = manner.footnotes() || worded.inNotes();
    Maker maker =
        make(
            published,
            sources,
            notes,
            manner.keys(),
            citation -> {
              List<Block.Run> words = next.next();
              return footnotes && !words.isEmpty() ? List.of(Block.Run.footnote(words)) : words;
            });
    return new Report(published.map().root().label(), maker.blocks, worded.references());
  }

  private static Maker make(
      Scope.Published published,
      List<Source> sources,
      Function<String, List<Block>> notes,
      Map<UUID, String> keys,
      Function<Citation, List<Block.Run>> citing) {
    Maker maker = new Maker(published, sources, notes, keys, citing);
    maker.topic(published.map().root(), 0);
    return maker;
  }
}
