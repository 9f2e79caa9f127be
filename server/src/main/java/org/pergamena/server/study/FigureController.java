package org.pergamena.server.study;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Collectors;
import org.pergamena.core.map.Content;
import org.pergamena.core.progress.Progress;
import org.pergamena.core.study.Sprig;
import org.pergamena.core.study.figure.FigureFinder;
import org.pergamena.core.study.figure.FigureMark;
import org.pergamena.core.study.figure.Figures;
import org.pergamena.core.study.figure.Figures.Beside;
import org.pergamena.core.study.figure.Figures.Figure;
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

/** The quantities that the sources give. */
@RestController
@RequestMapping("/api/maps/{map}/figures")
class FigureController {
  private static final String MARK = "FIGURE";

  private final Study study;
  private final Sprigs sprigs;
  private final Aside aside;

  FigureController(Study study, Sprigs sprigs, Aside aside) {
    this.study = study;
    this.sprigs = sprigs;
    this.aside = aside;
  }

  /**
   * All quantities, and those of the same side by side.
   *
   * @param lost what was done to quantities whose words are in no source any more
   */
  record FiguresView(List<FigureView> all, List<BesideView> beside, List<FigureMark> lost) {}

  /**
   * A quantity.
   *
   * @param words as the source writes it
   * @param base in the first unit of its kind, by which those of a kind are sorted
   * @param kind of its unit, or the noun that it counts
   * @param of what it is of
   */
  record FigureView(
      String key,
      String words,
      double value,
      String unit,
      double base,
      String kind,
      String of,
      StudiedPassage passage,
      boolean byHand,
      boolean off) {}

  /** Quantities of the same in several sources, by their keys. */
  record BesideView(List<String> keys, boolean agree, double strength) {}

  @GetMapping
  CompletableFuture<FiguresView> all(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map) {
    return aside.compute(visitor, progress -> view(map, progress));
  }

  private Figures figures(UUID map, Progress progress) {
    return FigureFinder.in(study.texts(map, progress, "Reading figures"));
  }

  private FiguresView view(UUID map, Progress progress) {
    Figures figures = figures(map, progress);
    Map<String, FigureMark> own = study.marks(map, MARK, FigureMark.class);
    Studied studied = study.studied(map);
    Set<String> keys = figures.all().stream().map(Figure::key).collect(Collectors.toSet());
    Set<String> off = new HashSet<>();
    own.values().stream().filter(FigureMark::off).forEach(mark -> off.add(mark.key()));
    return new FiguresView(
        figures.all().stream().map(f -> view(f, own.get(f.key()), studied)).toList(),
        figures.beside().stream()
            .map(beside -> view(beside, off))
            .filter(beside -> beside.keys().size() > 1)
            .toList(),
        own.values().stream().filter(mark -> !keys.contains(mark.key())).toList());
  }

  private static BesideView view(Beside beside, Set<String> off) {
    List<Figure> left = beside.figures().stream().filter(f -> !off.contains(f.key())).toList();
    boolean agree = left.stream().allMatch(f -> f.quantity().same(left.get(0).quantity()));
    return new BesideView(left.stream().map(Figure::key).toList(), agree, beside.strength());
  }

  private static FigureView view(Figure figure, FigureMark mark, Studied studied) {
    var quantity = figure.quantity();
    String counted = quantity.unit().kind().isEmpty() ? quantity.counted() : quantity.unit().kind();
    return new FigureView(
        figure.key(),
        quantity.words(),
        quantity.value(),
        quantity.unit().symbol(),
        quantity.base(),
        quantity.per().isEmpty() ? counted : counted + " each " + quantity.per(),
        of(figure, mark),
        studied.view(figure.passage()),
        mark != null,
        mark != null && mark.off());
  }

  private static String of(Figure figure, FigureMark mark) {
    return mark == null || mark.of().isEmpty() ? figure.of() : mark.of();
  }

  /**
   * What a person does to a quantity.
   *
   * @param of of what it is; empty for what the source has
   * @param off whether it is none
   */
  record FigureChange(
      @NotBlank @Size(max = 60) String key,
      @NotNull @Size(max = Content.LONGEST_LABEL) String of,
      @NotNull Boolean off) {}

  @PostMapping("/change")
  CompletableFuture<FiguresView> change(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid FigureChange change) {
    return aside.compute(
        visitor,
        progress -> {
          FigureMark old = study.marks(map, MARK, FigureMark.class).get(change.key());
          String quote = old == null ? quote(map, change.key(), progress) : old.quote();
          FigureMark mark = new FigureMark(change.key(), quote, change.of().strip(), change.off());
          study.mark(map, MARK, change.key(), mark);
          return view(map, progress);
        });
  }

  private String quote(UUID map, String key, Progress progress) {
    return figures(map, progress).all().stream()
        .filter(figure -> figure.key().equals(key))
        .map(figure -> figure.quantity().words() + " – " + figure.passage().line())
        .findFirst()
        .orElseThrow(
            () ->
                new Refused(
                    HttpStatus.CONFLICT,
                    "The sources have changed, and do not give this figure any more. Nothing was"
                        + " changed."));
  }

  @PostMapping("/unmark")
  CompletableFuture<FiguresView> unmark(
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

  /** All of them as a table. */
  @GetMapping("/table")
  CompletableFuture<ResponseEntity<byte[]>> table(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map) {
    return aside.compute(
        visitor,
        progress -> {
          Studied studied = study.cited(map);
          Map<String, FigureMark> own = study.marks(map, MARK, FigureMark.class);
          List<List<String>> rows = new ArrayList<>();
          for (Figure each : figures(map, progress).all()) {
            FigureMark mark = own.get(each.key());
            if (mark == null || !mark.off()) {
              rows.add(
                  List.of(
                      of(each, mark),
                      plain(each.quantity().value()),
                      each.quantity().unit().symbol(),
                      each.quantity().words(),
                      studied.name(each.passage()),
                      studied.place(each.passage()),
                      each.passage().exact()));
            }
          }
          return StudyFiles.csv(
              "figures",
              List.of("of", "value", "unit", "as written", "source", "place", "passage"),
              rows);
        });
  }

  private static String plain(double value) {
    return BigDecimal.valueOf(value)
        .round(new MathContext(12))
        .stripTrailingZeros()
        .toPlainString();
  }

  /** Puts quantities on the map. */
  @PostMapping("/branch")
  CompletableFuture<Sprigs.Planted> branch(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid ChosenBranch wish) {
    return aside.compute(
        visitor,
        progress -> {
          Map<String, FigureMark> own = study.marks(map, MARK, FigureMark.class);
          Set<String> keys = Set.copyOf(wish.keys());
          List<Sprig> children =
              figures(map, progress).all().stream()
                  .filter(figure -> keys.contains(figure.key()))
                  .map(figure -> sprig(figure, own.get(figure.key())))
                  .toList();
          return sprigs.plant(
              visitor,
              map,
              wish.id(),
              wish.parent(),
              Sprig.of("Figures", children),
              "Put figures on the map");
        });
  }

  private static Sprig sprig(Figure figure, FigureMark mark) {
    String of = of(figure, mark);
    String label = of.isEmpty() ? figure.quantity().words() : of + ": " + figure.quantity().words();
    return new Sprig(label, "", List.of(figure.passage()), List.of());
  }
}
