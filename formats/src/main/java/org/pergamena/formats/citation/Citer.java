package org.pergamena.formats.citation;

import de.undercouch.citeproc.CSL;
import de.undercouch.citeproc.ItemDataProvider;
import de.undercouch.citeproc.csl.CSLCitation;
import de.undercouch.citeproc.csl.CSLCitationItem;
import de.undercouch.citeproc.csl.CSLCitationItemBuilder;
import de.undercouch.citeproc.csl.CSLItemData;
import de.undercouch.citeproc.csl.CSLItemDataBuilder;
import de.undercouch.citeproc.csl.CSLLabel;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.pergamena.core.publish.Block;
import org.pergamena.core.publish.Citing;
import org.pergamena.core.reference.Citation;
import org.pergamena.core.reference.Citation.Cite;
import org.pergamena.core.reference.Citation.Where;
import org.pergamena.core.reference.Reference;

/** Words citations and references in a style and a language, by citeproc-java. */
public final class Citer implements Citing {
  /** Languages in which citations can be worded, ISO 639-1, with their locale and closing mark. */
  private static final Map<String, List<String>> LANGUAGES =
      Map.of(
          "en", List.of("en-US", ""),
          "de", List.of("de-DE", "\u201c"),
          "fr", List.of("fr-FR", "\u00bb"),
          "es", List.of("es-ES", "\u00bb"),
          "it", List.of("it-IT", "\u00bb"),
          "pt", List.of("pt-PT", "\u201d"),
          "nl", List.of("nl-NL", "\u2019"));

  private static final Variant IN_LIST = new Variant(Set.of(), "", false, false);
  private static final int NEAR = 5;

  private final Style style;
  private final String locale;
  private final String closing;
  private final Map<String, Reference> works;

  /**
   * Words them.
   *
   * @param language ISO 639-1, one of {@link #languages}
   * @param works by their keys
   * @throws IllegalArgumentException if there is no such language
   */
  public Citer(Style style, String language, Map<String, Reference> works) {
    List<String> known = LANGUAGES.get(language);
    if (known == null) {
      throw new IllegalArgumentException("Citations cannot be worded in " + language + ".");
    }
    this.style = style;
    this.locale = known.get(0);
    this.closing = known.get(1);
    this.works = Map.copyOf(works);
  }

  /** Languages in which citations can be worded, ISO 639-1. */
  public static Collection<String> languages() {
    return LANGUAGES.keySet();
  }

  @Override
  public Worded word(List<Citation> citations) {
    return new Wording(citations).worded();
  }

  /** The citations of one text. */
  private final class Wording {
    private final List<Citation> citations;
    private final Set<String> cited = new LinkedHashSet<>();
    private final Map<String, CSLItemData> items = new LinkedHashMap<>();
    private final Set<String> ambiguous = new HashSet<>();
    private final Map<Variant, CSL> engines = new HashMap<>();
    private final Map<Map.Entry<Citation, Variant>, List<Block.Run>> done = new HashMap<>();
    private final Map<String, Integer> lastNote = new HashMap<>();
    private Citation before;

    Wording(List<Citation> citations) {
      this.citations = citations;
      for (Citation citation : citations) {
        if (known(citation)) {
          citation.cites().forEach(cite -> cited.add(cite.key()));
        }
      }
      cited.forEach(key -> items.put(key, CSLItemData.fromJson(CslJson.item(key, works.get(key)))));
    }

    private boolean known(Citation citation) {
      return citation.cites().stream().allMatch(cite -> works.containsKey(cite.key()));
    }

    Worded worded() {
      tellApart();
      List<List<Block.Run>> words = new ArrayList<>();
      int number = 0;
      for (Citation citation : citations) {
        if (known(citation)) {
          words.add(words(citation, ++number));
          before = citation;
        } else {
          words.add(List.of());
        }
      }
      return new Worded(words, references(), style.inNotes());
    }

    /** Works whose citations would be the same get a letter or more words, as the style wants. */
    private void tellApart() {
      Variant usual = new Variant(Set.of("first"), "", false, false);
      Map<String, List<String>> same = new LinkedHashMap<>();
      for (String key : sorted()) {
        Citation plain = Citation.of(key, Where.WHOLE);
        String words = Block.Run.words(made(plain, usual));
        same.computeIfAbsent(words, w -> new ArrayList<>()).add(key);
      }
      boolean letters = style.xml().contains("disambiguate-add-year-suffix=\"true\"");
      for (List<String> keys : same.values()) {
        if (keys.size() > 1) {
          ambiguous.addAll(keys);
          for (int i = 0; i < keys.size() && letters && i < 26; i++) {
            String letter = String.valueOf((char) ('a' + i));
            CSLItemData item = items.get(keys.get(i));
            items.put(keys.get(i), new CSLItemDataBuilder(item).yearSuffix(letter).build());
          }
        }
      }
      engines.clear();
      done.clear();
    }

    /** Works in the order of the list of references. */
    private List<String> sorted() {
      return engine(IN_LIST).getRegisteredItems().stream().map(CSLItemData::getId).toList();
    }

    private CSL engine(Variant variant) {
      return engines.computeIfAbsent(
          variant,
          asked -> {
            try {
              ItemDataProvider provider =
                  new ItemDataProvider() {
                    @Override
                    public CSLItemData retrieveItem(String id) {
                      return items.get(id);
                    }

                    @Override
                    public Collection<String> getIds() {
                      return items.keySet();
                    }
                  };
              CSL engine = new CSL(provider, asked.of(style), locale);
              engine.setOutputFormat("html");
              engine.setConvertLinks(asked.equals(IN_LIST));
              engine.registerCitationItems(cited);
              return engine;
            } catch (IOException e) {
              throw new UncheckedIOException(e);
            }
          });
    }

    private List<Block.Run> words(Citation citation, int number) {
      Cite first = citation.cites().get(0);
      Set<String> positions = style.inNotes() ? positions(first, number) : Set.of("first");
      if (style.inNotes()) {
        citation.cites().forEach(cite -> lastNote.put(cite.key(), number));
      }
      boolean apart = citation.cites().stream().anyMatch(cite -> ambiguous.contains(cite.key()));
      boolean mixed =
          citation.cites().stream().anyMatch(c -> c.withoutMaker() != first.withoutMaker());
      List<Citation> parts =
          mixed
              ? citation.cites().stream().map(cite -> new Citation(List.of(cite))).toList()
              : List.of(citation);
      List<List<Block.Run>> words = new ArrayList<>();
      for (Citation part : parts) {
        Cite cite = part.cites().get(0);
        Variant variant = new Variant(positions, counted(cite.where()), apart, cite.withoutMaker());
        words.add(done.computeIfAbsent(Map.entry(part, variant), key -> made(part, variant)));
      }
      return Runs.joined(words);
    }

    private Set<String> positions(Cite cite, int number) {
      Integer last = lastNote.get(cite.key());
      if (last == null) {
        return Set.of("first");
      }
      Set<String> positions = new HashSet<>(Set.of("subsequent"));
      if (number - last <= NEAR) {
        positions.add("near-note");
      }
      boolean right = before.cites().size() == 1 && before.cites().get(0).key().equals(cite.key());
      Where at = cite.where();
      Where then = before.cites().get(0).where();
      if (right && (then.words().isEmpty() || !at.words().isEmpty())) {
        positions.add("ibid");
        if (!at.equals(then)) {
          positions.add("ibid-with-locator");
        }
      }
      return positions;
    }

    private List<Block.Run> made(Citation citation, Variant variant) {
      CSLCitationItem[] cites =
          citation.cites().stream().map(Citer::item).toArray(CSLCitationItem[]::new);
      var made = engine(variant).makeCitation(new CSLCitation(cites));
      return Runs.of(html(made.get(made.size() - 1).getText()));
    }

    /** Some works have no entry, as a style may say that letters and talks are only cited. */
    private List<Entry> references() {
      List<Entry> entries = new ArrayList<>();
      if (style.xml().contains("<bibliography")) {
        for (String key : sorted()) {
          for (String words :
              engine(IN_LIST).makeBibliography(item -> item.getId().equals(key)).getEntries()) {
            entries.add(entry(key, html(words)));
          }
        }
      }
      return entries;
    }
  }

  private static Citing.Entry entry(String key, Element words) {
    Element margin = words.selectFirst(".csl-left-margin");
    Element right = words.selectFirst(".csl-right-inline");
    String label = margin == null ? "" : margin.text().strip();
    return new Citing.Entry(key, label, Runs.of(right == null ? words : right));
  }

  /** In most languages a comma or stop follows the quotation, which the processor leaves in it. */
  private Element html(String words) {
    String said = words;
    if (!closing.isEmpty()) {
      said = Jsoup.parseBodyFragment(words).body().html();
      said = said.replaceAll("([.,])(\\s?|&nbsp;)" + closing, "$2" + closing + "$1");
    }
    return Jsoup.parseBodyFragment(said).body();
  }

  /** What is counted, as CSL calls it. */
  private static String counted(Where where) {
    if (where.words().isEmpty()) {
      return "";
    }
    return switch (where.kind()) {
      case TIME, PLACE -> "";
      default -> where.kind().name().toLowerCase(java.util.Locale.ROOT);
    };
  }

  private static CSLCitationItem item(Cite cite) {
    CSLCitationItemBuilder item = new CSLCitationItemBuilder(cite.key());
    String counted = counted(cite.where());
    List<String> after = new ArrayList<>();
    if (!counted.isEmpty()) {
      item.locator(cite.where().words()).label(CSLLabel.fromString(counted));
    } else if (!cite.where().words().isEmpty()) {
      after.add(cite.where().words());
    }
    if (!cite.after().isEmpty()) {
      after.add(cite.after());
    }
    if (!cite.before().isEmpty()) {
      item.prefix(cite.before() + " ");
    }
    if (!after.isEmpty()) {
      item.suffix(after.stream().collect(Collectors.joining(", ", ", ", "")));
    }
    return item.build();
  }
}
