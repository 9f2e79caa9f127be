package org.pergamena.core.language;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pergamena.core.distil.DistilOptions;
import org.pergamena.core.distil.Distiller;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.progress.Progress;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;

class TongueTest {
  private static final String GERMAN =
      "Der alte Deich am Ferrow wird jedes Jahr niedriger. Die Pflege des Deiches kostet die"
          + " Gemeinde viel Geld. Ein neuer Deich würde den Hafen schützen. Die Vögel brüten auf der"
          + " Salzwiese. Die Vögel finden dort Futter. Die Salzwiese bremst die Wellen.";
  private static final String FRENCH =
      "La vieille digue de Ferrow s'abaisse chaque année. L'entretien de la digue coûte cher à la"
          + " commune. Une nouvelle digue protégerait le port. Les oiseaux nichent dans le pré salé."
          + " Les oiseaux y trouvent l'eau douce. Le pré salé freine les vagues.";
  private static final String SPANISH =
      "El viejo dique de Ferrow baja cada año. El mantenimiento del dique cuesta mucho al municipio."
          + " Un dique nuevo protegería el puerto. Las aves anidan en la marisma. Las aves encuentran"
          + " comida en la marisma salada. La marisma salada frena las olas.";
  private static final String ITALIAN =
      "Il vecchio argine di Ferrow si abbassa ogni anno. La manutenzione dell'argine costa molto al"
          + " comune. Un argine nuovo proteggerebbe il porto. Gli uccelli fanno il nido nella barena."
          + " Gli uccelli trovano cibo nella barena. La barena frena le onde.";
  private static final String PORTUGUESE =
      "O velho dique de Ferrow baixa todos os anos. A manutenção do dique custa muito ao concelho."
          + " Um dique novo protegeria o porto. As aves fazem o ninho no sapal. As aves encontram"
          + " alimento no sapal. O sapal trava as ondas.";
  private static final String DUTCH =
      "De oude dijk van Ferrow wordt elk jaar lager. Het onderhoud van de dijk kost de gemeente veel"
          + " geld. Een nieuwe dijk zou de haven beschermen. De vogels broeden op de kwelder. De"
          + " vogels vinden daar voedsel. De kwelder remt de golven.";

  private static String text(String language) {
    return switch (language) {
      case "deu" -> GERMAN;
      case "fra" -> FRENCH;
      case "spa" -> SPANISH;
      case "ita" -> ITALIAN;
      case "por" -> PORTUGUESE;
      default -> DUTCH;
    };
  }

  private static Analysed analysed(String words, String language) {
    Source source = new Source(UUID.randomUUID(), "notes", SourceText.plain(words)).in(language);
    return TextAnalyser.analyse(source);
  }

  private static List<String> nouns(Analysed text) {
    return text.sentences().stream()
        .flatMap(sentence -> sentence.tokens().stream())
        .filter(token -> token.content() && token.noun())
        .map(Token::surface)
        .toList();
  }

  @ParameterizedTest
  @CsvSource({
    "deu,Deich,Deiches,Salzwiese,kostet",
    "fra,digue,entretien,oiseaux,coûte",
    "spa,dique,aves,marisma,cuesta",
    "ita,argine,uccelli,barena,costa",
    "por,dique,aves,sapal,custa",
    "nld,dijk,vogels,kwelder,kost"
  })
  void nouns_are_told_from_verbs(String language, String a, String b, String c, String verb) {
    Analysed text = analysed(text(language), language);
    assertThat(Language.of(text(language).repeat(3))).isEqualTo(language);
    assertThat(text.sentences()).hasSize(6);
    assertThat(nouns(text)).contains(a, b, c).doesNotContain(verb);
  }

  @ParameterizedTest
  @CsvSource({
    "deu,und,Deich,Deiche",
    "fra,et,digue,digues",
    "spa,y,dique,diques",
    "ita,e,argine,argini",
    "por,e,dique,diques",
    "nld,en,dijk,dijken",
    "swe,och,vall,vallar"
  })
  void small_words_do_not_count_and_forms_share_a_stem(
      String language, String small, String one, String many) {
    Tongue tongue = Tongue.of(language);
    assertThat(tongue.stop(small)).isTrue();
    assertThat(tongue.stop(one)).isFalse();
    assertThat(tongue.stem(one)).isEqualTo(tongue.stem(many));
  }

  @ParameterizedTest
  @CsvSource({"deu", "fra", "spa", "ita", "por", "nld"})
  void labels_are_noun_phrases_of_the_language(String language) {
    Analysed text = analysed((text(language) + "\n\n").repeat(4), language);
    TopicMap map =
        new Distiller(List.of(text), DistilOptions.DEFAULT, Progress.NONE)
            .distil()
            .map(UUID.randomUUID(), UUID::randomUUID);
    Tongue tongue = Tongue.of(language);
    for (Topic topic : map.preorder()) {
      List<Token> words = TextAnalyser.tokens(topic.label(), tongue);
      assertThat(tongue.stop(words.get(0).surface())).as(topic.label()).isFalse();
      assertThat(tongue.stop(words.get(words.size() - 1).surface())).as(topic.label()).isFalse();
      assertThat(topic.label()).doesNotContain(" and ");
    }
  }

  @Test
  void abbreviations_end_no_sentence_and_elided_articles_are_words_of_their_own() {
    String spanish = "El Sr. Otero mide el dique. Mide dos metros.";
    assertThat(Tongue.of("spa").sentences(spanish)).hasSize(2);
    List<Token> tokens = TextAnalyser.tokens("L'eau de l\u2019\u00e9cluse", Tongue.of("fra"));
    assertThat(tokens)
        .extracting(Token::surface)
        .containsExactly("L'", "eau", "de", "l\u2019", "\u00e9cluse");
    assertThat(tokens.stream().filter(Token::content)).hasSize(2);
  }

  @Test
  void a_present_form_of_what_is_only_a_verb_is_told_from_what_may_be_a_noun() {
    Tongue english = Tongue.of(Tongue.ENGLISH);
    assertThat(Stream.of("explains", "differ", "Abolish", "applies", "relinquishes"))
        .allMatch(english::verb);
    assertThat(Stream.of("walls", "order", "notes", "creeks", "promise", "s"))
        .noneMatch(english::verb);
    assertThat(Tongue.of("deu").verb("differ")).isFalse();
  }

  @Test
  void a_sentence_leans_by_its_first_words() {
    Tongue english = Tongue.of(Tongue.ENGLISH);
    assertThat(english.leans(List.of("In", "other", "words", "the"))).isTrue();
    assertThat(english.leans(List.of("They", "came"))).isTrue();
    assertThat(english.leans(List.of("In", "other", "estuaries"))).isFalse();
    assertThat(english.leans(List.of())).isFalse();
  }

  @Test
  void two_things_are_joined_as_the_language_joins_them() {
    assertThat(Tongue.of("spa").and("dique")).isEqualTo("y");
    assertThat(Tongue.of("spa").and("Instalaci\u00f3n")).isEqualTo("e");
    assertThat(Tongue.of("spa").and("hierba")).isEqualTo("y");
    assertThat(Tongue.of("deu").and("Deich")).isEqualTo("und");
    assertThat(Tongue.of("zul").and("x")).isEmpty();
  }

  @Test
  void of_a_language_without_lists_very_common_and_short_words_are_small() {
    String sentence = "Udonga lwase Ferrow luyi nto yakudala. Izinyoni nto ziphila emgodini %d. ";
    StringBuilder words = new StringBuilder();
    for (int i = 0; i < 12; i++) {
      words.append(String.format(sentence, i)).append("Amanzi ").append("a".repeat(4 + i));
      words.append(" agcwele phezulu.\n\n");
    }
    Analysed text = analysed(words.toString(), "zul");
    List<Token> tokens = text.sentences().stream().map(Sentence::tokens).toList().get(0);
    assertThat(tokens.stream().filter(t -> t.surface().equals("nto")).anyMatch(Token::content))
        .isFalse();
    assertThat(text.sentences().size()).isGreaterThan(20);
  }

  @Test
  void a_script_without_spaces_is_taken_apart_by_a_dictionary() {
    List<Token> tokens =
        TextAnalyser.tokens("\u5824\u9632\u306f\u53e4\u3044\u3002", Tongue.of("jpn"));
    assertThat(tokens).extracting(Token::surface).contains("\u5824\u9632", "\u3002");
    assertThat(tokens.get(0).content()).isTrue();
  }

  @Test
  void sources_in_two_languages_make_one_map() {
    Analysed german = analysed((GERMAN + "\n\n").repeat(5), "deu");
    Analysed dutch = analysed((DUTCH + "\n\n").repeat(5), "nld");
    TopicMap map =
        new Distiller(List.of(german, dutch), DistilOptions.DEFAULT, Progress.NONE)
            .distil()
            .map(UUID.randomUUID(), UUID::randomUUID);
    for (Analysed text : List.of(german, dutch)) {
      assertThat(map.preorder()).anyMatch(topic -> topic.restsOn(text.source().id()));
    }
  }

  @Test
  void a_run_of_marks_without_end_is_tagged_in_pieces() {
    String[] marks = new String[200_000];
    java.util.Arrays.fill(marks, "(");
    org.junit.jupiter.api.Assertions.assertTimeoutPreemptively(
        java.time.Duration.ofMinutes(5),
        () -> assertThat(Tongue.of("eng").tags(marks)).hasSize(200_000));
  }

  @Test
  void a_speaker_says_that_another_subject_begins() {
    Tongue english = Tongue.of(Tongue.ENGLISH);
    assertThat(english.signpost(List.of("Let", "me", "turn", "to", "the"))).isTrue();
    assertThat(english.signpost(List.of("Finally", "we"))).isTrue();
    assertThat(english.signpost(List.of("Now", "the"))).isTrue();
    assertThat(english.signpost(List.of("The", "wall", "is"))).isFalse();
    assertThat(english.signpost(List.of())).isFalse();
    assertThat(Tongue.of("deu").signpost(List.of("Finally"))).isFalse();
  }
}
