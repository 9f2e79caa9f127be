package org.pergamena.server.desk;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.pergamena.core.map.NamedStyle;
import org.pergamena.core.map.Rule;
import org.pergamena.core.map.Styles;

/**
 * How the topics of a map look beyond its theme.
 *
 * @param levels given by hand, the root's first; the last is for all below it too
 * @param named looks that a person keeps
 * @param rules the first that says something of a topic holds
 */
record StylesView(
    @NotNull List<@NotNull StyleView> levels,
    @NotNull List<@NotNull @Valid NamedView> named,
    @NotNull List<@NotNull @Valid RuleView> rules) {

  /** A look under a name. */
  record NamedView(@NotNull String name, @NotNull StyleView style) {}

  /**
   * A rule.
   *
   * @param match what holds of the topics that it is for, empty to tell each kind from the others
   * @param tag a tag that these show, or null
   * @param each what tells the kinds from each other, null if the rule is for those that match
   */
  record RuleView(
      @NotNull Rule.By by,
      @NotNull String match,
      @NotNull StyleView style,
      @Schema(types = {"string", "null"}) String tag,
      @Schema(types = {"string", "null"}) Rule.Each each) {}

  static StylesView of(Styles styles) {
    return new StylesView(
        styles.levels().stream().map(StyleView::of).toList(),
        styles.named().stream().map(n -> new NamedView(n.name(), StyleView.of(n.style()))).toList(),
        styles.rules().stream()
            .map(r -> new RuleView(r.by(), r.match(), StyleView.of(r.style()), r.tag(), r.each()))
            .toList());
  }

  Styles styles() {
    return new Styles(
        levels.stream().map(StyleView::style).toList(),
        named.stream().map(n -> new NamedStyle(n.name(), n.style().style())).toList(),
        rules.stream()
            .map(r -> new Rule(r.by(), r.match(), r.style().style(), r.tag(), r.each()))
            .toList());
  }
}
