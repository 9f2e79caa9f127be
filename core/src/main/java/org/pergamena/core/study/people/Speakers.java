package org.pergamena.core.study.people;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.Token;

/** Who says what a sentence states, where the sentence tells: <em>the treasurer said that</em>. */
public final class Speakers {
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
    for (int i = 0; i < tokens.size(); i++) {
      if (tokens.get(i).start() >= mention.span().end()) {
        boolean also = tokens.get(i).surface().equals("also") && i + 1 < tokens.size();
        return names.speech(tokens.get(also ? i + 1 : i).surface());
      }
    }
    return false;
  }
}
