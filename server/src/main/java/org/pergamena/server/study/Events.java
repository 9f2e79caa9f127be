package org.pergamena.server.study;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.progress.Progress;
import org.pergamena.core.study.event.Chronicle;
import org.pergamena.core.study.event.Chronicler;
import org.pergamena.core.study.event.EventMark;
import org.pergamena.core.time.Edtf;
import org.pergamena.core.time.TimeReader;
import org.pergamena.core.time.When;
import org.pergamena.server.site.Refused;
import org.pergamena.server.sources.Sources;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** What happened when, as the sources of a map tell it and people corrected it. */
@Service
class Events {
  private static final String MARK = "EVENT";
  private static final String COUNTED = "COUNTED";

  private final Sources sources;
  private final StudyMarks marks;

  Events(Sources sources, StudyMarks marks) {
    this.sources = sources;
    this.marks = marks;
  }

  /** When an event was that others are counted from. */
  record CountedMark(String when) {}

  /** What happened when. */
  Chronicle chronicle(UUID mapId, Progress progress) {
    List<Analysed> texts = sources.analysed(mapId, () -> progress.at("Finding sentences", 0.02));
    progress.at("Reading times", 0.5);
    Map<String, When> given = new HashMap<>();
    marks
        .of(mapId, COUNTED, CountedMark.class)
        .forEach((event, mark) -> Edtf.read(mark.when()).ifPresent(at -> given.put(event, at)));
    return Chronicler.of(texts, all(mapId), given);
  }

  private Collection<EventMark> all(UUID mapId) {
    return marks.of(mapId, MARK, EventMark.class).values();
  }

  /**
   * A time that a person wrote, as ISO 8601-2 has it; empty for none.
   *
   * @throws Refused if it is not understood
   */
  String time(UUID mapId, String words) {
    if (words.isBlank()) {
      return "";
    }
    Set<String> tongues = new LinkedHashSet<>(List.of(Tongue.ENGLISH));
    sources.texts(mapId).forEach(source -> tongues.add(source.language()));
    Optional<When> when =
        tongues.stream()
            .flatMap(code -> TimeReader.typed(words, Tongue.of(code)).stream())
            .findFirst();
    return when.orElseThrow(
            () ->
                new Refused(
                    HttpStatus.BAD_REQUEST,
                    "“"
                        + words.strip()
                        + "” is not read as a time. Write it as 1953, May 1953,"
                        + " 12 May 1953, 1953-05-12, 1953-05-12T14:30 or 1953/1957."))
        .iso();
  }

  /** Keeps what a person did to a statement. */
  void mark(UUID mapId, EventMark mark) {
    marks.put(mapId, MARK, mark.key(), mark);
  }

  /** What a person did to a statement, null for nothing. */
  EventMark marked(UUID mapId, String key) {
    return marks.of(mapId, MARK, EventMark.class).get(key);
  }

  /** Takes back what people did to some statements. */
  void unmark(UUID mapId, Collection<String> keys) {
    new ArrayList<>(keys).forEach(key -> marks.remove(mapId, MARK, key));
  }

  /** Says when an event was that others are counted from; an empty time takes it back. */
  void count(UUID mapId, String event, String when) {
    if (when.isEmpty()) {
      marks.remove(mapId, COUNTED, event);
    } else {
      marks.put(mapId, COUNTED, event, new CountedMark(when));
    }
  }
}
