package org.pergamena.core.reply;

import java.util.regex.Pattern;

/** Sentences by which assistants speak to a person, in languages that they are asked in most. */
final class Chat {
  private static final int FLAGS = Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE;

  private static final Pattern OPENING =
      Pattern.compile(
          "(sure|certainly|of course|absolutely|great|okay|ok|got it|understood|as requested|thanks|thank"
              + " you|no problem|happy to|here('s|\u2019s| is| are| it| they| you| we)|below (is|are|you)|i('ve|\u2019ve|"
              + " have| will|'ll|\u2019ll| can| could|'m|\u2019m| am| hope| tried| left| need)|sorry|apologies|you're"
              + " right|you\u2019re right|good (question|point)|let me|let\u2019s|let's|continuing|to continue|\\(continued"
              + "|gerne|nat\u00fcrlich|selbstverst\u00e4ndlich|hier (ist|sind|kommt|die|der)|klar|ich (habe|kann|hoffe)|im folgenden"
              + "|bien s\u00fbr|voici|volontiers|avec plaisir|d'accord|je (peux|suis|vous)|certainement"
              + "|claro|por supuesto|aqu\u00ed (tienes|est\u00e1|va)|desde luego|a continuaci\u00f3n|puedo"
              + "|certo|ecco|con piacere|natuurlijk|zeker|hieronder|com certeza|aqui est\u00e1)\\b.*",
          FLAGS | Pattern.DOTALL);

  private static final Pattern OFFER =
      Pattern.compile(
          "(let me know|would you like|do you want|if you('d|\u2019d| would|'re|\u2019re)? ?(like|want|need|prefer|wish|have)?"
              + "\\b.*(i can|i could|let me|tell me|just|i'll|i\u2019ll|happy)|tell me (if|whether|which|when)|feel free|i hope|hope this|shall i|should i|want me to|just"
              + " (say|ask|tell)|(i|we) can (also|then|now)|next,? i (can|could)|note that|please (note|let)|is there anything|anything else"
              + "|m\u00f6chten sie|m\u00f6chtest du|soll ich|lass(en sie)?( es)? mich|ich (hoffe|kann)|falls (du|sie)|wenn (du|sie)"
              + "|souhaitez-vous|voulez-vous|n['\u2019]h\u00e9sitez|j['\u2019]esp\u00e8re|dites-moi|si vous|je peux"
              + "|\u00bf?(quieres|te gustar\u00eda|desea)|av\u00edsame|espero que|si (quieres|necesitas|deseas)|puedo"
              + "|fammi sapere|spero|se vuoi|laat (het )?me weten|wil je|ik hoop|espero|gostaria)\\b.*",
          FLAGS | Pattern.DOTALL);

  /** What stands on the buttons around an answer and is copied with it. */
  private static final Pattern BUTTON =
      Pattern.compile(
          "(copy( code)?|markdown|edit|share|sources|text|plaintext|json|csv)\\s*", FLAGS);

  private Chat() {}

  /** Whether a line of text is said to the person rather than of the subject. */
  static boolean is(String line) {
    return opens(line) || offers(line) || BUTTON.matcher(line.strip()).matches();
  }

  /** Whether it leads to what was asked for. */
  static boolean opens(String line) {
    return OPENING.matcher(bare(line)).matches();
  }

  /** Whether it offers or asks something. */
  static boolean offers(String line) {
    return OFFER.matcher(bare(line)).matches();
  }

  private static String bare(String line) {
    String cut = line.length() > 400 ? line.substring(0, 400) : line;
    return cut.strip().replaceAll("^[*_>\\s\\p{So}]+", "");
  }
}
