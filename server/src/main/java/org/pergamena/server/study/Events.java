package org.pergamena.server.study;

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
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** What happened when, as the sources of a map tell it and people corrected it. */
@Service
class Events {
  private static final String MARK = "EVENT";
  private static final String COUNTED = "COUNTED";

  private final Study study;

  Events(Study study) {
    this.study = study;
  }

  /** When an event was that others are counted from. */
  record CountedMark(String when) {}

  /** What happened when. */
  Chronicle chronicle(UUID mapId, Progress progress) {
    List<Analysed> texts = study.texts(mapId, progress, "Reading times");
    Map<String, When> given = new HashMap<>();
    study
        .marks(mapId, COUNTED, CountedMark.class)
        .forEach((event, mark) -> Edtf.read(mark.when()).ifPresent(at -> given.put(event, at)));
    return Chronicler.of(texts, marks(mapId).values(), given);
  }

  /** What people did to statements, by their keys. */
  Map<String, EventMark> marks(UUID mapId) {
    return study.marks(mapId, MARK, EventMark.class);
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
    study.sources(mapId).forEach(source -> tongues.add(source.language()));
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
    study.mark(mapId, MARK, mark.key(), mark);
  }

  /** Takes back what people did to some statements. */
  void unmark(UUID mapId, List<String> keys) {
    study.unmark(mapId, MARK, keys);
  }

  /** Says when an event was that others are counted from; an empty time takes it back. */
  void count(UUID mapId, String event, String when) {
    if (when.isEmpty()) {
      study.unmark(mapId, COUNTED, List.of(event));
    } else {
      study.mark(mapId, COUNTED, event, new CountedMark(when));
    }
  }
}
