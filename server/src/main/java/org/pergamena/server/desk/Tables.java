package org.pergamena.server.desk;

import java.util.List;
import java.util.UUID;
import org.pergamena.core.map.MapRuleException;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.table.Bringing;
import org.pergamena.formats.table.Cells;
import org.pergamena.formats.table.Cells.BrokenTableException;

/** Tables as they are pasted, taken apart: rows of cells. */
record Tables(List<List<String>> topics, List<List<String>> relations) {
  /**
   * Takes the text of tables apart.
   *
   * @throws MapRuleException if the text of one is no table
   */
  static Tables read(String topics, String relations) {
    try {
      return new Tables(bounded(Cells.rows(topics)), bounded(Cells.rows(relations)));
    } catch (BrokenTableException e) {
      throw new MapRuleException(e.getMessage() + " Mend it and paste again.");
    }
  }

  private static List<List<String>> bounded(List<List<String>> rows) {
    if (rows.size() > TopicMap.MOST_TOPICS) {
      throw new MapRuleException(
          "The table has "
              + rows.size()
              + " rows; a map holds at most "
              + TopicMap.MOST_TOPICS
              + " topics. Paste fewer rows.");
    }
    return rows;
  }

  /** What bringing them under a topic comes to. */
  Bringing.Plan plan(TopicMap map, UUID under) {
    return Bringing.plan(map, under, topics, relations, UUID::randomUUID);
  }
}
