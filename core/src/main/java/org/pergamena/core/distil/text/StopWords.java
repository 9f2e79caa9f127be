package org.pergamena.core.distil.text;

import java.util.Locale;
import java.util.Set;

/** English words that carry no subject of their own. */
public final class StopWords {
  private static final Set<String> WORDS =
      Set.of(
          ("a about above across actually after again against ago ah all almost along already also"
                  + " although always am among an and another any anybody anyone anything anyway are"
                  + " aren't around as aside at away back be became because become been before began"
                  + " begin behind being below besides best better between beyond bit both but by came"
                  + " can can't cannot case certain certainly come comes could couldn't course did"
                  + " didn't different do does doesn't doing don't done down during each either else"
                  + " enough er especially etc even ever every everybody everyone everything example"
                  + " fact far few first for from further gave general get gets getting give given"
                  + " gives go goes going gone good got great had hadn't happen happened has hasn't have"
                  + " haven't having he he'd he'll he's hence her here here's hers herself him himself"
                  + " his how however i i'd i'll i'm i've if in indeed instead into is isn't it it's its"
                  + " itself just keep kept kind knew know known last later least less let let's like"
                  + " likely little long look lot lots made mainly make makes making many may maybe me"
                  + " mean means might mine more moreover most mostly much must my myself near nearly"
                  + " need needs neither never next no nobody none nor not nothing now of off often oh"
                  + " ok okay on once one ones only onto or other others otherwise ought our ours"
                  + " ourselves out over own part particular perhaps please point probably put quite"
                  + " rather really reason right said same saw say saying says second see seem seemed"
                  + " seems seen several shall she she'd she'll she's should shouldn't simply since so"
                  + " some somebody someone something sometimes somewhat soon sort still stuff such sure"
                  + " take taken takes tell than that that'd that'll that's the their theirs them"
                  + " themselves then there there's therefore these they they'd they'll they're they've"
                  + " thing things think third this those though thought through thus till to together"
                  + " told too took toward towards tried try two uh um under unless until up upon us use"
                  + " used uses using usually various very via want wanted was wasn't way ways we we'd"
                  + " we'll we're we've well went were weren't what what's whatever when where where's"
                  + " whereas whether which while who who's whole whom whose why will with within"
                  + " without won't word work would wouldn't yeah yes yet you you'd you'll you're you've"
                  + " your yours yourself yourselves")
              .split(" "));

  private StopWords() {}

  /** Whether a word, in any case, is one of them. */
  public static boolean has(String word) {
    return WORDS.contains(word.toLowerCase(Locale.ROOT).replace('\u2019', '\''));
  }
}
