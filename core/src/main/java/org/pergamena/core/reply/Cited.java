package org.pergamena.core.reply;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Words without the keys of passages that stood among them.
 *
 * @param keys in their order, in small letters where they are of our form
 */
record Cited(String words, List<String> keys) {
  private static final String KEY = "[pP][0-9a-fA-F]{4,40}";
  private static final String OWN = "[pP][0-9a-fA-F]{1,40}";
  private static final String AND = "\\s{0,5}(?:[,;&]|and|und|et|y)?\\s{0,5}";
  private static final Pattern BRACKETED =
      Pattern.compile(
          "\\[\\s?([pP][0-9a-fA-F]{1,3})\\s?\\]|[\\[(\u3010]\\s{0,3}((?:"
              + KEY
              + AND
              + "|none"
              + AND
              + "){1,40}|\\d{1,3}(?:,\\s?\\d{1,3}){0,20}(?=\\]|\u3011))\\s{0,3}[\\])\u3011]"
              + "|\u3010([^\u3010\u3011]{1,60})\u3011"
              + "|(?<![\\p{L}\\p{N}])(p(?=[a-f]{0,39}[0-9])[0-9a-f]{6,40})(?![\\p{L}\\p{N}])");
  private static final Pattern BARE = Pattern.compile("p[a-f]{0,39}[0-9][0-9a-f]{4}");
  private static final Pattern ONE = Pattern.compile("[^\\s,;&]+");

  static Cited of(String words) {
    boolean bracket =
        words.indexOf('[') >= 0 || words.indexOf('(') >= 0 || words.indexOf('\u3010') >= 0;
    if (!bracket && !BARE.matcher(words).find()) {
      return new Cited(words, List.of());
    }
    List<String> keys = new ArrayList<>();
    Matcher found = BRACKETED.matcher(words);
    StringBuilder out = new StringBuilder();
    int done = 0;
    while (found.find()) {
      int before = found.start();
      while (before > done && Character.isWhitespace(words.charAt(before - 1))) {
        before--;
      }
      out.append(words, done, before);
      done = found.end();
      String inner = null;
      for (int i = 1; inner == null; i++) {
        inner = found.group(i);
      }
      boolean foreign = found.group(3) != null;
      Matcher each = ONE.matcher(inner);
      if (foreign) {
        keys.add(inner.strip());
      }
      while (!foreign && each.find()) {
        String key = each.group();
        boolean own = key.matches(OWN) || key.matches("\\d+") || key.equals("none");
        if (own) {
          keys.add(key.matches(OWN) ? key.toLowerCase(Locale.ROOT) : key);
        }
      }
    }
    out.append(words, done, words.length());
    String rest = out.toString().replaceAll("\\s{1,5}([.,;:])", "$1").strip();
    return new Cited(keys.isEmpty() ? words : rest, keys.stream().distinct().toList());
  }
}
