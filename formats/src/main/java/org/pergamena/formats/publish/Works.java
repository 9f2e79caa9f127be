package org.pergamena.formats.publish;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.pergamena.core.publish.Citing;
import org.pergamena.core.reference.CitationKey;
import org.pergamena.core.reference.Field;
import org.pergamena.core.reference.Reference;
import org.pergamena.core.reference.Work;
import org.pergamena.core.source.Source;
import org.pergamena.formats.citation.Citer;
import org.pergamena.formats.citation.Style;
import org.pergamena.formats.json.WholeMap;

/**
 * What a publication can cite, and how.
 *
 * @param list sources in their order, and works without a text after them
 * @param style how citations are worded
 * @param manner the same as it is chosen
 * @param footnotes whether they are footnotes even where the style puts them in the text
 */
public record Works(List<Shelved> list, Citing style, WholeMap.Manner manner, boolean footnotes) {
  public Works {
    list = List.copyOf(list);
  }

  /**
   * A work on the shelf.
   *
   * @param source null for a work without a text
   * @param name what the person calls it
   * @param kind what a person calls its kind of file; empty without one
   */
  public record Shelved(UUID source, String name, String kind, Work work) {}

  /** Those in a style that ships. */
  public static Works of(List<Shelved> list, Style style, String language, boolean footnotes) {
    Map<String, Reference> known =
        list.stream()
            .collect(Collectors.toMap(s -> s.work().key(), s -> named(s.work().reference(), s)));
    String own = style.key().equals(Style.OWN) ? style.xml() : null;
    return new Works(
        list,
        new Citer(style, language, known),
        new WholeMap.Manner(style.key(), language, own),
        footnotes);
  }

  /** Those of a map that was saved. */
  public static Works of(WholeMap whole) {
    Map<UUID, String> names =
        whole.sources().stream().collect(Collectors.toMap(Source::id, Source::name));
    List<Shelved> list =
        whole.works().stream()
            .map(
                known -> {
                  String title = known.work().reference().get(Field.TITLE);
                  String name = known.source() == null ? title : names.get(known.source());
                  return new Shelved(known.source(), name, "", known.work());
                })
            .toList();
    WholeMap.Manner manner = whole.manner();
    Style usual = Style.of(Style.USUAL).orElseThrow();
    return manner == null
        ? of(list, usual, "en", false)
        : of(
            list,
            Style.of(manner.style(), manner.own()).orElse(usual),
            Citer.languages().contains(manner.language()) ? manner.language() : "en",
            false);
  }

  /** A work that has no title is cited by what the person calls it. */
  private static Reference named(Reference reference, Shelved shelved) {
    boolean titled = !reference.get(Field.TITLE).isEmpty();
    return titled ? reference : reference.with(Field.TITLE, shelved.name());
  }

  /** Sources with what their files say of them, in the usual style. */
  public static Works guessed(List<Source> sources, Map<UUID, Reference> known) {
    Set<String> taken = new HashSet<>();
    List<Shelved> list = new ArrayList<>();
    for (Source source : sources) {
      Reference reference = known.getOrDefault(source.id(), Reference.NONE);
      String key = CitationKey.of(reference, source.name(), taken);
      taken.add(key);
      list.add(new Shelved(source.id(), source.name(), "", new Work(key, reference)));
    }
    return of(list, Style.of(Style.USUAL).orElseThrow(), "en", false);
  }

  /** The keys of sources. */
  Map<UUID, String> keys() {
    Map<UUID, String> keys = new HashMap<>();
    for (Shelved shelved : list) {
      if (shelved.source() != null) {
        keys.put(shelved.source(), shelved.work().key());
      }
    }
    return keys;
  }
}
