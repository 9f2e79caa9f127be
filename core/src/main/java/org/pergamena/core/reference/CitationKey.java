package org.pergamena.core.reference;

import java.text.Normalizer;
import java.util.Collection;
import java.util.Locale;
import java.util.regex.Pattern;

/** The words by which notes name works that they cite. */
public final class CitationKey {
  private static final int LONGEST = 40;
  private static final Pattern SOUND = Pattern.compile("[a-z][a-z0-9-]{0," + (LONGEST - 1) + "}");

  private CitationKey() {}

  /** Whether a key can stand in a note: small letters, digits and hyphens, a letter first. */
  public static boolean sound(String key) {
    return SOUND.matcher(key).matches();
  }

  /** The key that a work came with if it can be kept, or else one of what is known of it. */
  public static String kept(String came, Reference reference, Collection<String> taken) {
    return sound(came) && !taken.contains(came) ? came : of(reference, "", taken);
  }

  /**
   * A key for a work: who made it and when, or what it is called.
   *
   * @param name what the person calls it, if neither maker nor title is known
   * @param taken keys of other works
   */
  public static String of(Reference reference, String name, Collection<String> taken) {
    String by =
        reference.makers().isEmpty()
            ? first(reference.get(Field.TITLE).isEmpty() ? name : reference.get(Field.TITLE))
            : bare(reference.makers().get(0).filed());
    String year = reference.issued().map(when -> String.valueOf(when.year())).orElse("");
    String key = (by.isEmpty() ? "work" : by) + year;
    key = key.length() > LONGEST - 4 ? key.substring(0, LONGEST - 4) : key;
    if (!taken.contains(key)) {
      return key;
    }
    for (int n = 2; ; n++) {
      String next = key + "-" + n;
      if (!taken.contains(next)) {
        return next;
      }
    }
  }

  private static String first(String title) {
    StringBuilder words = new StringBuilder();
    for (String word : title.split("\\s+")) {
      String bare = bare(word);
      if (bare.length() > 3 || words.length() == 0 && !bare.isEmpty()) {
        words.append(words.length() == 0 ? "" : "-").append(bare);
      }
      if (words.length() >= 12) {
        break;
      }
    }
    return words.toString();
  }

  private static String bare(String words) {
    String plain = Normalizer.normalize(words, Normalizer.Form.NFD).replaceAll("\\p{M}", "");
    return plain.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]", "").replaceFirst("^[0-9]+", "");
  }
}
