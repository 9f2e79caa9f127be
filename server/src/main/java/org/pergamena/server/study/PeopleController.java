package org.pergamena.server.study;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.pergamena.core.map.Content;
import org.pergamena.core.progress.Progress;
import org.pergamena.core.study.Sprig;
import org.pergamena.core.study.people.NameMark;
import org.pergamena.core.study.people.People;
import org.pergamena.core.study.people.PeopleFinder;
import org.pergamena.core.study.people.Somebody;
import org.pergamena.core.study.people.Somebody.Form;
import org.pergamena.core.study.people.Tie;
import org.pergamena.server.site.Aside;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** People and bodies: found, corrected by hand, put on the map with who occurs with whom. */
@RestController
@RequestMapping("/api/maps/{map}/people")
class PeopleController {
  private static final String MARK = "NAME";
  private static final int MOST_PLACES = 60;
  private static final int MOST_TIES = 400;
  private static final int MOST_LINKS = 200;
  private static final int LONGEST_NAME = 200;

  private final Study study;
  private final Sprigs sprigs;
  private final Aside aside;

  PeopleController(Study study, Sprigs sprigs, Aside aside) {
    this.study = study;
    this.sprigs = sprigs;
    this.aside = aside;
  }

  /** Who is in the sources, the most named first, and who occurs with whom, the closest first. */
  record PeopleView(List<SomebodyView> all, List<TieView> ties, List<NameMark> lost) {}

  /**
   * A person or body.
   *
   * @param times number of sentences that name them
   * @param places the first sixty of these
   */
  record SomebodyView(
      String key,
      String name,
      boolean person,
      List<String> roles,
      List<Form> forms,
      int times,
      List<StudiedPassage> places,
      boolean byHand,
      boolean off) {}

  /** That two occur together: in sentences, and in paragraphs besides. */
  record TieView(
      String from,
      String to,
      int sentences,
      int paragraphs,
      List<String> phrases,
      List<StudiedPassage> passages) {}

  @GetMapping
  CompletableFuture<PeopleView> all(@AuthenticationPrincipal UUID visitor, @PathVariable UUID map) {
    return aside.compute(visitor, progress -> view(map, progress));
  }

  private People people(UUID map, Progress progress) {
    var texts = study.texts(map, progress, "Reading names");
    return PeopleFinder.in(texts, study.marks(map, MARK, NameMark.class).values());
  }

  private PeopleView view(UUID map, Progress progress) {
    People people = people(map, progress);
    Studied studied = study.studied(map);
    return new PeopleView(
        people.all().stream().map(each -> view(each, studied)).toList(),
        people.ties().stream().limit(MOST_TIES).map(each -> view(each, studied)).toList(),
        people.lost());
  }

  private static SomebodyView view(Somebody each, Studied studied) {
    return new SomebodyView(
        each.key(),
        each.name(),
        each.person(),
        each.roles(),
        each.forms(),
        each.places().size(),
        studied.views(
            each.places().stream().limit(MOST_PLACES).map(Somebody.Place::passage).toList()),
        each.byHand(),
        each.off());
  }

  private static TieView view(Tie tie, Studied studied) {
    return new TieView(
        tie.from(),
        tie.to(),
        tie.sentences(),
        tie.paragraphs(),
        tie.phrases(),
        studied.views(tie.passages()));
  }

  /**
   * What a person does to a name; what is null stays.
   *
   * @param words the key of somebody, or words by which they are named
   * @param with the key of somebody whose name it is too; empty for nobody's
   * @param apart whether the words name somebody of their own
   * @param off whether it names nobody
   * @param person whether it is a person, else a body
   */
  record NameChange(
      @NotBlank @Size(max = LONGEST_NAME) String words,
      @Size(max = Content.LONGEST_LABEL) String name,
      @Size(max = LONGEST_NAME) String with,
      Boolean apart,
      Boolean off,
      Boolean person) {}

  @PostMapping("/change")
  CompletableFuture<PeopleView> change(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid NameChange change) {
    return aside.compute(
        visitor,
        progress -> {
          String words = PeopleFinder.words(change.words());
          NameMark old =
              study.marks(map, MARK, NameMark.class).getOrDefault(words, NameMark.of(words));
          boolean apart = change.apart() == null ? old.apart() : change.apart();
          String with = change.with() == null ? old.with() : PeopleFinder.words(change.with());
          NameMark mark =
              new NameMark(
                  words,
                  change.name() == null ? old.name() : change.name().strip(),
                  apart && change.with() == null ? "" : with,
                  apart && change.with() == null,
                  change.off() == null ? old.off() : change.off(),
                  change.person() == null ? old.person() : change.person());
          study.mark(map, MARK, words, mark);
          return view(map, progress);
        });
  }

  @PostMapping("/unmark")
  CompletableFuture<PeopleView> unmark(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid MarksBack back) {
    return aside.compute(
        visitor,
        progress -> {
          study.unmark(map, MARK, back.keys().stream().map(PeopleFinder::words).toList());
          return view(map, progress);
        });
  }

  /** All of them as a table. */
  @GetMapping("/table")
  CompletableFuture<ResponseEntity<byte[]>> table(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map) {
    return aside.compute(
        visitor,
        progress -> {
          Studied studied = study.cited(map);
          List<List<String>> rows = new ArrayList<>();
          for (Somebody each : people(map, progress).all()) {
            for (Somebody.Place place : each.off() ? List.<Somebody.Place>of() : each.places()) {
              rows.add(
                  List.of(
                      each.name(),
                      each.person() ? "person" : "body",
                      String.join("; ", each.roles()),
                      place.words(),
                      studied.name(place.passage()),
                      studied.place(place.passage()),
                      place.passage().exact()));
            }
          }
          return StudyFiles.csv(
              "people",
              List.of("name", "kind", "roles", "named as", "source", "place", "passage"),
              rows);
        });
  }

  /** Puts people and bodies on the map, with who occurs with whom. */
  @PostMapping("/branch")
  CompletableFuture<Sprigs.Planted> branch(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid ChosenBranch wish) {
    return aside.compute(
        visitor,
        progress -> {
          People people = people(map, progress);
          Map<String, Integer> places = new LinkedHashMap<>();
          List<Sprig> children = new ArrayList<>();
          for (Somebody each : people.all()) {
            if (wish.keys().contains(each.key())) {
              places.put(each.key(), children.size());
              children.add(sprig(each));
            }
          }
          List<Sprigs.Link> links =
              people.ties().stream()
                  .filter(tie -> tie.sentences() > 0)
                  .filter(tie -> places.containsKey(tie.from()) && places.containsKey(tie.to()))
                  .limit(MOST_LINKS)
                  .map(tie -> link(tie, places))
                  .toList();
          Sprig branch = Sprig.of("People and bodies", children);
          return sprigs.plant(
              visitor, map, wish.id(), wish.parent(), branch, links, "Put people on the map");
        });
  }

  private static Sprigs.Link link(Tie tie, Map<String, Integer> places) {
    String phrase = tie.phrases().isEmpty() ? "" : tie.phrases().get(0);
    return new Sprigs.Link(places.get(tie.from()), places.get(tie.to()), phrase, tie.passages());
  }

  private static Sprig sprig(Somebody each) {
    List<String> notes = new ArrayList<>(each.roles());
    String named = String.join(", ", each.forms().stream().map(Form::words).toList());
    if (each.forms().size() > 1) {
      notes.add("Named as " + named + ".");
    }
    return new Sprig(
        each.name(),
        String.join("\n", notes),
        each.places().stream().map(Somebody.Place::passage).toList(),
        List.of());
  }
}
