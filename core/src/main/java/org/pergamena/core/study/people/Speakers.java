package org.pergamena.core.study.people;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.Token;

/** Who says what a sentence states, where the sentence tells: <em>the treasurer said that</em>. */
public final class Speakers {
  /** What may stand between somebody and what they do. */
  private static final Set<String> BETWEEN =
      Set.of("also", "did", "does", "do", "has", "had", "not", "never", "then", "still");

  private Speakers() {}

  /** The speakers of the sentences of a text that tell theirs, by the sentences' places. */
  public static Map<Integer, String> of(Analysed text) {
    Map<Integer, String> speakers = new HashMap<>();
    NameWords names = NameWords.of(text.tongue().code());
    for (Mention mention : MentionFinder.in(text)) {
      boolean somebody =
          switch (mention.kind()) {
            case FULL, ROLE, BODY, KIND, GIVEN -> true;
            default -> false;
          };
      Sentence sentence = text.sentences().get(mention.sentence());
      if (somebody && speaks(sentence.tokens(), mention, names)) {
        String title = mention.title().isEmpty() ? "" : mention.title() + " ";
        speakers.putIfAbsent(mention.sentence(), title + mention.form());
      }
    }
    return speakers;
  }

  private static boolean speaks(List<Token> tokens, Mention mention, NameWords names) {
    int at = 0;
    while (at < tokens.size()
        && (tokens.get(at).start() < mention.span().end()
            || BETWEEN.contains(tokens.get(at).surface()))) {
      at++;
    }
    return at < tokens.size() && names.speech(tokens.get(at).surface());
  }
}
