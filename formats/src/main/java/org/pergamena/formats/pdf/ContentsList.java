package org.pergamena.formats.pdf;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** Tells a table of contents from the text: its titles stand again over their sections. */
final class ContentsList {
  private static final Pattern TITLE =
      Pattern.compile(
          "(?i)(table of )?contents|inhaltsverzeichnis|table des mati\u00e8res|\u00edndice");
  private static final Pattern LEADER = Pattern.compile(".*(\\.\\s*){4,}\\s*[\\divxlc]+\\s*$");
  private static final Pattern ENTRY = Pattern.compile(".*\\S\\s+[\\divxlc]{1,5}$");
  private static final int MISSES = 2;

  private ContentsList() {}

  /**
   * The lines without entries with dotted leaders, and without what follows a title of contents up
   * to the end of its pages.
   */
  static List<Line> removed(List<Line> lines) {
    List<Line> kept = new ArrayList<>();
    List<Line> doubtful = new ArrayList<>();
    boolean inside = false;
    int page = 0;
    for (Line line : lines) {
      boolean entry = ENTRY.matcher(line.text()).matches();
      inside &= line.page() == page || entry;
      page = line.page();
      if (LEADER.matcher(line.text()).matches()) {
        doubtful.clear();
      } else if (TITLE.matcher(line.text()).matches()) {
        inside = true;
      } else if (inside && entry) {
        doubtful.clear();
      } else if (inside && doubtful.size() < MISSES) {
        doubtful.add(line);
      } else {
        inside = false;
        kept.addAll(doubtful);
        doubtful.clear();
        kept.add(line);
      }
    }
    kept.addAll(doubtful);
    return kept;
  }
}
