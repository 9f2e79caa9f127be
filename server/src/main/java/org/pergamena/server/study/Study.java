package org.pergamena.server.study;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.progress.Progress;
import org.pergamena.core.source.Source;
import org.pergamena.core.study.ask.Answering;
import org.pergamena.core.study.compare.CompareMark;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.marks.StudyMarks;
import org.pergamena.server.sources.Sources;
import org.springframework.stereotype.Service;

/** What every study of a map begins with: its sources, its topics, what was corrected by hand. */
@Service
class Study {
  /** The kind of what people said of pairs. */
  static final String COMPARE = "COMPARE";

  private final Maps maps;
  private final Sources sources;
  private final StudyMarks marks;

  Study(Maps maps, Sources sources, StudyMarks marks) {
    this.maps = maps;
    this.sources = sources;
    this.marks = marks;
  }

  /**
   * The texts of a map's sources, split into sentences.
   *
   * @param step what is done with them next
   */
  List<Analysed> texts(UUID map, Progress progress, String step) {
    List<Analysed> texts = sources.analysed(map, () -> progress.at("Finding sentences", 0.02));
    progress.at(step, 0.5);
    return texts;
  }

  /** What answers questions to a map: its sources, and terms that a person said mean the same. */
  Answering answering(UUID map, Progress progress) {
    return new Answering(texts(map, progress, "Looking for answers"), paired(map));
  }

  /** What people said of pairs when they compared. */
  List<CompareMark> paired(UUID map) {
    return List.copyOf(marks(map, COMPARE, CompareMark.class).values());
  }

  /** The sources of a map. */
  List<Source> sources(UUID map) {
    return sources.texts(map);
  }

  /** The topics of a map. */
  TopicMap topics(UUID map) {
    return maps.get(map).map();
  }

  /** The sources of a map and its topics, as passages are told by them. */
  Studied studied(UUID map) {
    return new Studied(sources(map), topics(map));
  }

  /** The same where the topics are not asked for. */
  Studied cited(UUID map) {
    return new Studied(sources(map), null);
  }

  /** What was corrected, by what it is about, in the order in which it first was. */
  <T> Map<String, T> marks(UUID map, String kind, Class<T> type) {
    return marks.of(map, kind, type);
  }

  /** Keeps a correction. */
  void mark(UUID map, String kind, String subject, Object mark) {
    marks.put(map, kind, subject, mark);
  }

  /** Takes corrections back. */
  void unmark(UUID map, String kind, List<String> subjects) {
    marks.remove(map, kind, subjects);
  }
}
