package org.pergamena.server.study;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.function.Predicate;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Stance;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.progress.Progress;
import org.pergamena.core.source.Passage;
import org.pergamena.core.study.Sprig;
import org.pergamena.core.study.agree.AgreeMark;
import org.pergamena.core.study.agree.Agreement;
import org.pergamena.core.study.agree.Agreement.Disputed;
import org.pergamena.core.study.agree.Agreement.Stated;
import org.pergamena.core.study.agree.AgreementFinder;
import org.pergamena.core.study.agree.Doubting;
import org.pergamena.core.study.agree.Doubting.Doubted;
import org.pergamena.core.study.agree.Verdict.Why;
import org.pergamena.server.site.Aside;
import org.pergamena.server.site.Refused;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the sources say alike and what they contradict each other in. */
@RestController
@RequestMapping("/api/maps/{map}/agreement")
class AgreeController {
  private static final String MARK = "AGREE";
  private static final int LONGEST = 2_000;

  private final Study study;
  private final Sprigs sprigs;
  private final Aside aside;

  AgreeController(Study study, Sprigs sprigs, Aside aside) {
    this.study = study;
    this.sprigs = sprigs;
    this.aside = aside;
  }

  /**
   * What is disputed and what is shared.
   *
   * @param doubted sentences that say that something is disputed
   * @param stances proposed for passages that are linked to topics
   * @param lost what was said of pairs whose words are in no source any more
   */
  record AgreementView(
      List<DisputedView> disputed,
      List<DoubtedView> doubted,
      List<SharedView> shared,
      List<ProposedStance> stances,
      List<AgreeMark> lost) {}

  /**
   * A statement.
   *
   * @param words the part of the passage that states it
   * @param speaker who says it by the sentence itself, may be empty
   */
  record StatedView(StudiedPassage passage, String words, String speaker) {}

  /**
   * Two statements that cannot both be true.
   *
   * @param against whether a person left it so; else they said that it is none
   * @param settled what a person found
   * @param byHand whether a person said anything of it
   */
  record DisputedView(
      String key,
      StatedView one,
      StatedView other,
      Why why,
      String reason,
      double strength,
      boolean against,
      String settled,
      boolean byHand) {}

  /** A sentence that says that something is disputed, by these words. */
  record DoubtedView(StatedView statement, String said) {}

  /** Statements of several sources of the same. */
  record SharedView(List<StatedView> statements, double strength) {}

  /** How a passage seems to bear on a topic that it is linked to. */
  record ProposedStance(
      UUID topic, UUID evidence, Stance is, Stance proposed, String said, StudiedPassage passage) {}

  @GetMapping
  CompletableFuture<AgreementView> all(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map) {
    return aside.compute(visitor, progress -> view(map, progress));
  }

  private List<AgreeMark> own(UUID map) {
    return List.copyOf(study.marks(map, MARK, AgreeMark.class).values());
  }

  private List<Analysed> texts(UUID map, Progress progress) {
    return study.texts(map, progress, "Holding statements against each other");
  }

  private AgreementView view(UUID mapId, Progress progress) {
    List<Analysed> texts = texts(mapId, progress);
    List<AgreeMark> own = own(mapId);
    Agreement agreement = AgreementFinder.in(texts, own);
    List<Doubted> doubted = Doubting.in(texts);
    TopicMap map = study.topics(mapId);
    Studied studied = new Studied(study.sources(mapId), map);
    Predicate<AgreeMark> found =
        mark -> agreement.disputed().stream().anyMatch(d -> d.key().equals(mark.key()));
    return new AgreementView(
        agreement.disputed().stream().map(d -> view(d, studied)).toList(),
        doubted.stream().map(d -> new DoubtedView(view(d.statement(), studied), d.said())).toList(),
        agreement.shared().stream()
            .map(
                s ->
                    new SharedView(
                        s.statements().stream().map(each -> view(each, studied)).toList(),
                        s.strength()))
            .toList(),
        stances(map, agreement, doubted, studied),
        own.stream().filter(found.negate()).toList());
  }

  private static StatedView view(Stated stated, Studied studied) {
    return new StatedView(studied.view(stated.passage()), stated.words(), stated.speaker());
  }

  private static DisputedView view(Disputed disputed, Studied studied) {
    AgreeMark mark = disputed.mark();
    return new DisputedView(
        disputed.key(),
        view(disputed.one(), studied),
        view(disputed.other(), studied),
        disputed.why(),
        disputed.reason(),
        disputed.strength(),
        mark == null || mark.against(),
        mark == null ? "" : mark.settled(),
        mark != null);
  }

  /** Passages of topics that dispute something, and are not said to. */
  private static List<ProposedStance> stances(
      TopicMap map, Agreement agreement, List<Doubted> doubted, Studied studied) {
    List<ProposedStance> stances = new ArrayList<>();
    for (Topic topic : map.preorder()) {
      for (Evidence evidence : topic.evidence()) {
        Passage passage = evidence.passage();
        String said = said(passage, agreement, doubted);
        boolean open = evidence.stance() == Stance.SUPPORTS && !said.isEmpty();
        if (open && passage.anchored() && studied.has(passage)) {
          stances.add(
              new ProposedStance(
                  topic.id(),
                  evidence.id(),
                  evidence.stance(),
                  Stance.DISPUTES,
                  said,
                  studied.view(passage)));
        }
      }
    }
    return stances;
  }

  private static String said(Passage passage, Agreement agreement, List<Doubted> doubted) {
    for (Doubted each : doubted) {
      if (within(each.statement(), passage)) {
        return "It says “" + each.said() + "”.";
      }
    }
    for (Disputed each : agreement.disputed()) {
      boolean against = each.mark() == null || each.mark().against();
      if (against && within(each.other(), passage)) {
        return "Another source says otherwise. " + each.reason();
      }
    }
    return "";
  }

  private static boolean within(Stated stated, Passage passage) {
    return stated.passage().source().equals(passage.source())
        && passage.anchored()
        && passage.span().overlaps(stated.passage().span());
  }

  /**
   * What a person says of two statements.
   *
   * @param against whether they contradict each other
   * @param settled what the person found
   */
  record AgreeChange(
      @NotBlank @Size(max = 60) String key,
      @NotNull Boolean against,
      @NotNull @Size(max = LONGEST) String settled) {}

  @PostMapping("/change")
  CompletableFuture<AgreementView> change(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid AgreeChange change) {
    return aside.compute(
        visitor,
        progress -> {
          AgreeMark old = study.marks(map, MARK, AgreeMark.class).get(change.key());
          String quote = old == null ? quote(map, change.key(), progress) : old.quote();
          study.mark(
              map,
              MARK,
              change.key(),
              new AgreeMark(change.key(), quote, change.against(), change.settled().strip()));
          return view(map, progress);
        });
  }

  private String quote(UUID map, String key, Progress progress) {
    return AgreementFinder.in(texts(map, progress), List.of()).disputed().stream()
        .filter(d -> d.key().equals(key))
        .findFirst()
        .map(d -> d.one().words() + " / " + d.other().words())
        .orElseThrow(
            () ->
                new Refused(
                    HttpStatus.CONFLICT,
                    "The sources have changed, and these two do not contradict each other any"
                        + " more. Nothing was changed."));
  }

  @PostMapping("/unmark")
  CompletableFuture<AgreementView> unmark(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid MarksBack back) {
    return aside.compute(
        visitor,
        progress -> {
          study.unmark(map, MARK, back.keys());
          return view(map, progress);
        });
  }

  /** What is disputed as a table. */
  @GetMapping("/table")
  CompletableFuture<ResponseEntity<byte[]>> table(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map) {
    return aside.compute(
        visitor,
        progress -> {
          List<AgreeMark> own = own(map);
          Studied studied = study.cited(map);
          List<List<String>> rows = new ArrayList<>();
          for (Disputed each : AgreementFinder.in(texts(map, progress), own).disputed()) {
            if (each.mark() == null || each.mark().against()) {
              rows.add(
                  List.of(
                      each.reason(),
                      studied.name(each.one().passage()),
                      studied.place(each.one().passage()),
                      each.one().passage().line(),
                      studied.name(each.other().passage()),
                      studied.place(each.other().passage()),
                      each.other().passage().line(),
                      each.mark() == null ? "" : each.mark().settled()));
            }
          }
          return StudyFiles.csv(
              "disputed",
              List.of(
                  "why",
                  "source",
                  "place",
                  "passage",
                  "other source",
                  "other place",
                  "other passage",
                  "found"),
              rows);
        });
  }

  /**
   * Disputes that become a branch.
   *
   * @param id of the request, so that it is done once
   */
  record AgreeBranch(@NotNull UUID id, @NotNull UUID parent) {}

  @PostMapping("/branch")
  CompletableFuture<Sprigs.Planted> branch(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid AgreeBranch wish) {
    return aside.compute(
        visitor,
        progress -> {
          List<Analysed> texts = texts(map, progress);
          List<AgreeMark> own = own(map);
          List<Sprig> children = new ArrayList<>();
          for (Disputed each : AgreementFinder.in(texts, own).disputed()) {
            if (each.mark() == null || each.mark().against()) {
              String settled = each.mark() == null ? "" : each.mark().settled();
              List<Sprig> sides = List.of(side(each.one()), side(each.other()));
              children.add(new Sprig(each.reason(), settled, List.of(), sides));
            }
          }
          Doubting.in(texts).forEach(each -> children.add(side(each.statement())));
          Sprig branch = Sprig.of("What is disputed", children);
          return sprigs.plant(
              visitor, map, wish.id(), wish.parent(), branch, "Put disputes on the map");
        });
  }

  private static Sprig side(Stated stated) {
    String by = stated.speaker().isEmpty() ? "" : stated.speaker() + ": ";
    return new Sprig(by + stated.words(), "", List.of(stated.passage()), List.of());
  }
}
