package org.pergamena.formats.read;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a file says of itself; what it does not say is null.
 *
 * @param date as {@code 2031-05-04}, or only its year or month
 */
public record Facts(String title, String author, String date) {
  private static final Pattern MADE_UP =
      Pattern.compile(
          "(?i)untitled.*|microsoft word - .*|document ?\\d*|powerpoint presentation|slide ?1"
              + "|.*\\.(docx?|odt|tex|indd|qxd|dvi|pdf|pptx?)");
  private static final Pattern DATE =
      Pattern.compile(
          "(?:D:)?(\\d{4})-?(0[1-9]|1[0-2])?-?(0[1-9]|[12]\\d|3[01])?.*", Pattern.DOTALL);

  /** Those of a file that says nothing. */
  public static final Facts NONE = new Facts(null, null, null);

  /** Titles that programs make up count for nothing, nor does a date that is none. */
  public Facts {
    title = said(title);
    title = title != null && MADE_UP.matcher(title).matches() ? null : title;
    author = said(author);
    date = date(date);
  }

  /** Those of a file that only has a title. */
  public static Facts titled(String title) {
    return new Facts(title, null, null);
  }

  private static String said(String words) {
    return words == null || words.isBlank() ? null : words.strip().replaceAll("\\s+", " ");
  }

  private static String date(String given) {
    Matcher date = DATE.matcher(given == null ? "" : given.strip());
    if (!date.matches()) {
      return null;
    }
    String month = date.group(2) == null ? "" : "-" + date.group(2);
    String day = month.isEmpty() || date.group(3) == null ? "" : "-" + date.group(3);
    return date.group(1) + month + day;
  }
}
