package org.pergamena.server.catalogue;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.pergamena.core.reference.Citation;
import org.pergamena.core.reference.Field;
import org.pergamena.core.reference.Reference;
import org.pergamena.core.reference.WorkType;
import org.pergamena.formats.catalogue.CatalogueQuery;
import org.pergamena.formats.catalogue.SruAnswer;
import org.pergamena.server.references.CitedWords;
import org.pergamena.server.references.References;
import org.pergamena.server.sources.ReferenceForm;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Works of a library catalogue. */
@RestController
class CatalogueController {
  private static final int LONGEST = 200;

  private final Catalogue catalogue;
  private final References references;

  CatalogueController(Catalogue catalogue, References references) {
    this.catalogue = catalogue;
    this.references = references;
  }

  /** A work that was found, and how it would stand in the list of references. */
  record FoundWork(String name, ReferenceForm reference, List<CitedWords> words) {}

  /**
   * What was found.
   *
   * @param catalogue what it is called
   * @param from the place of the first of these works among all that were found, from 1
   */
  record CatalogueAnswer(String catalogue, int total, int from, List<FoundWork> works) {}

  @GetMapping("/api/maps/{map}/catalogue")
  CatalogueAnswer find(
      @PathVariable UUID map,
      @RequestParam(defaultValue = "") String title,
      @RequestParam(defaultValue = "") String author,
      @RequestParam(defaultValue = "") String isbn,
      @RequestParam(defaultValue = "") String subject,
      @RequestParam(defaultValue = "") String language,
      @RequestParam(required = false) WorkType type,
      @RequestParam(defaultValue = "1") int from) {
    CatalogueQuery query =
        new CatalogueQuery(cut(title), cut(author), cut(isbn), cut(subject), cut(language), type);
    SruAnswer answer = catalogue.find(query, Math.max(1, from));
    Map<String, Reference> works = new LinkedHashMap<>();
    for (int i = 0; i < answer.works().size(); i++) {
      works.put("w" + i, answer.works().get(i));
    }
    Map<String, List<CitedWords>> words = new LinkedHashMap<>();
    references
        .style(map, works)
        .word(works.keySet().stream().map(k -> Citation.of(k, Citation.Where.WHOLE)).toList())
        .references()
        .forEach(entry -> words.put(entry.key(), CitedWords.of(entry.runs())));
    List<FoundWork> found = new ArrayList<>();
    works.forEach(
        (key, work) -> {
          String name = work.get(Field.TITLE).isEmpty() ? "Untitled" : work.get(Field.TITLE);
          List<CitedWords> plain = List.of(new CitedWords(name, false, false, null));
          found.add(new FoundWork(name, ReferenceForm.of(work), words.getOrDefault(key, plain)));
        });
    return new CatalogueAnswer(catalogue.name(), answer.total(), Math.max(1, from), found);
  }

  private static String cut(String words) {
    return words.length() > LONGEST ? words.substring(0, LONGEST) : words;
  }
}
