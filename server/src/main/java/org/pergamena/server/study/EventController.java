package org.pergamena.server.study;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Collectors;
import org.pergamena.core.map.Content;
import org.pergamena.core.progress.Progress;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Source;
import org.pergamena.core.study.Naming;
import org.pergamena.core.study.Sprig;
import org.pergamena.core.study.event.Chronicle;
import org.pergamena.core.study.event.EventMark;
import org.pergamena.core.study.event.Happening;
import org.pergamena.core.study.event.Happening.Said;
import org.pergamena.core.time.TimeWriter;
import org.pergamena.server.site.Aside;
import org.pergamena.server.site.Refused;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Events in order: read, corrected by hand, put on the map. */
@RestController
@RequestMapping("/api/maps/{map}/events")
class EventController {
  private static final int LONGEST_TIME = 100;
  private static final int LONGEST_KEY = 60;
  private static final int LONGEST_QUOTE = 300;

  private final Events events;
  private final Study study;
  private final Sprigs sprigs;
  private final Aside aside;

  EventController(Events events, Study study, Sprigs sprigs, Aside aside) {
    this.events = events;
    this.study = study;
    this.sprigs = sprigs;
    this.aside = aside;
  }

  /**
   * What happened when.
   *
   * @param events in order
   * @param open whose time is not known
   * @param lost what was done to statements whose words are in no source any more
   * @param counted the event that times are counted from, null if none are
   */
  record EventsView(
      List<EventView> events, List<EventView> open, List<LostEvent> lost, CountedView counted) {}

  /** What was done to a statement that is gone. */
  record LostEvent(String key, String quote, String when, String label) {}

  /**
   * An event that times are counted from.
   *
   * @param when as ISO 8601-2 writes it, empty if it is not known
   */
  record CountedView(String event, int times, String when) {}

  @GetMapping
  CompletableFuture<EventsView> all(@AuthenticationPrincipal UUID visitor, @PathVariable UUID map) {
    return aside.compute(visitor, progress -> view(map, progress));
  }

  private EventsView view(UUID map, Progress progress) {
    Chronicle chronicle = events.chronicle(map, progress);
    Studied studied = study.studied(map);
    Chronicle.Counted counted = chronicle.counted();
    return new EventsView(
        chronicle.events().stream().map(e -> EventView.of(e, studied)).toList(),
        chronicle.open().stream().map(e -> EventView.of(e, studied)).toList(),
        chronicle.lost().stream()
            .map(mark -> new LostEvent(mark.key(), mark.quote(), mark.when(), mark.label()))
            .toList(),
        counted == null
            ? null
            : new CountedView(
                counted.event(), counted.times(), counted.when().map(w -> w.iso()).orElse("")));
  }

  /**
   * What a person does to an event; what is null stays.
   *
   * @param keys of all its statements
   * @param when in words or as ISO 8601-2 writes it; empty for what the source tells
   * @param with the key of an event that it is joined with
   * @param apart the key of a statement that is to stand by itself
   */
  record EventChange(
      @NotNull @Size(min = 1, max = 500) List<@NotBlank @Size(max = LONGEST_KEY) String> keys,
      @Size(max = LONGEST_TIME) String when,
      @Size(max = Content.LONGEST_LABEL) String label,
      Boolean off,
      @Size(max = LONGEST_KEY) String with,
      @Size(max = LONGEST_KEY) String apart) {}

  @PostMapping("/change")
  CompletableFuture<EventsView> change(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid EventChange change) {
    return aside.compute(
        visitor,
        progress -> {
          String when = change.when() == null ? null : events.time(map, change.when());
          List<String> keys = change.off() == null ? change.keys().subList(0, 1) : change.keys();
          List<EventMark> marks = new ArrayList<>();
          if (change.apart() != null) {
            EventMark old = old(map, List.of(change.apart()), progress).get(0);
            marks.add(apart(old));
          } else {
            // what is said of an event is kept with its first statement; all of them are taken off
            for (EventMark old : old(map, keys, progress)) {
              marks.add(changed(old, change, marks.isEmpty() ? when : null));
            }
          }
          marks.forEach(mark -> events.mark(map, mark));
          return view(map, progress);
        });
  }

  /** What was done to some statements before. */
  private List<EventMark> old(UUID map, List<String> keys, Progress progress) {
    Map<String, EventMark> marks = events.marks(map);
    Map<String, String> quotes = new HashMap<>();
    if (!marks.keySet().containsAll(keys)) {
      said(events.chronicle(map, progress))
          .forEach(each -> quotes.putIfAbsent(each.key(), each.passage().line()));
    }
    List<EventMark> old = new ArrayList<>();
    for (String key : keys) {
      if (!marks.containsKey(key) && !quotes.containsKey(key)) {
        throw new Refused(
            HttpStatus.CONFLICT,
            "The sources have changed, and do not tell of this event any more. Nothing"
                + " was changed.");
      }
      String quote = Naming.shortened(quotes.getOrDefault(key, ""), LONGEST_QUOTE);
      EventMark none = new EventMark(key, quote, "", "", false, "", false, false);
      old.add(marks.getOrDefault(key, none));
    }
    return old;
  }

  private static List<Said> said(Chronicle chronicle) {
    List<Said> all = new ArrayList<>();
    chronicle.events().forEach(event -> all.addAll(event.accounts()));
    chronicle.open().forEach(event -> all.addAll(event.accounts()));
    return all;
  }

  private static EventMark changed(EventMark old, EventChange change, String when) {
    return new EventMark(
        old.key(),
        old.quote(),
        when == null ? old.when() : when,
        change.label() == null ? old.label() : change.label().strip(),
        change.off() == null ? old.off() : change.off(),
        change.with() == null ? old.with() : change.with(),
        change.with() == null && old.apart(),
        old.own());
  }

  private static EventMark apart(EventMark old) {
    return new EventMark(
        old.key(), old.quote(), old.when(), old.label(), old.off(), "", true, old.own());
  }

  @PostMapping("/unmark")
  CompletableFuture<EventsView> unmark(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid MarksBack back) {
    return aside.compute(
        visitor,
        progress -> {
          events.unmark(map, back.keys());
          return view(map, progress);
        });
  }

  /** An event that is in no source. */
  record OwnEvent(
      @NotBlank @Size(max = LONGEST_TIME) String when,
      @NotBlank @Size(max = Content.LONGEST_LABEL) String label) {}

  @PostMapping
  CompletableFuture<EventsView> add(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid OwnEvent own) {
    return aside.compute(
        visitor,
        progress -> {
          String key = UUID.randomUUID().toString();
          String when = events.time(map, own.when());
          events.mark(
              map, new EventMark(key, "", when, own.label().strip(), false, "", false, true));
          return view(map, progress);
        });
  }

  /** All events as a table. */
  @GetMapping("/table")
  CompletableFuture<ResponseEntity<byte[]>> table(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map) {
    return aside.compute(
        visitor,
        progress -> {
          EventsView view = view(map, progress);
          Map<UUID, String> names =
              study.sources(map).stream().collect(Collectors.toMap(Source::id, Source::name));
          List<List<String>> rows = new ArrayList<>();
          view.events().forEach(event -> rows.addAll(rows(event, names)));
          view.open().forEach(event -> rows.addAll(rows(event, names)));
          return StudyFiles.csv(
              "events", List.of("when", "told as", "event", "source", "place", "passage"), rows);
        });
  }

  private static List<List<String>> rows(EventView event, Map<UUID, String> names) {
    if (event.off()) {
      return List.of();
    }
    List<List<String>> rows = new ArrayList<>();
    event
        .passages()
        .forEach(
            passage ->
                rows.add(
                    List.of(
                        event.when(),
                        passage.time(),
                        event.label(),
                        names.getOrDefault(passage.source(), ""),
                        passage.place(),
                        passage.exact())));
    return rows.isEmpty()
        ? List.of(List.of(event.when(), event.shown(), event.label(), "", "", ""))
        : rows;
  }

  /** When an event was that others are counted from; empty if that is not known. */
  record CountedTime(
      @NotBlank @Size(max = 100) String event, @NotNull @Size(max = LONGEST_TIME) String when) {}

  @PutMapping("/counted")
  CompletableFuture<EventsView> count(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid CountedTime time) {
    return aside.compute(
        visitor,
        progress -> {
          events.count(map, time.event(), events.time(map, time.when()));
          return view(map, progress);
        });
  }

  /**
   * Events that become a branch.
   *
   * @param id of the request, so that it is done once
   * @param parent under which topic
   * @param keys of the events
   */
  record EventBranch(
      @NotNull UUID id,
      @NotNull UUID parent,
      @NotNull @Size(min = 1, max = 300, message = "need to be one to three hundred")
          List<@NotBlank String> keys) {}

  @PostMapping("/branch")
  CompletableFuture<Sprigs.Planted> branch(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid EventBranch wish) {
    return aside.compute(
        visitor,
        progress -> {
          Chronicle chronicle = events.chronicle(map, progress);
          List<Sprig> children = new ArrayList<>();
          List<Happening> all = new ArrayList<>(chronicle.events());
          all.addAll(chronicle.open());
          for (Happening event : all) {
            if (wish.keys().contains(event.key())) {
              children.add(sprig(event));
            }
          }
          Sprig branch = Sprig.of("Events in order", children);
          return sprigs.plant(
              visitor, map, wish.id(), wish.parent(), branch, "Put events on the map");
        });
  }

  private static Sprig sprig(Happening event) {
    String time = event.when() == null ? event.shown() : TimeWriter.words(event.when());
    List<Passage> passages = event.accounts().stream().map(Said::passage).toList();
    return new Sprig(time + ": " + event.label(), "", passages, List.of());
  }
}
