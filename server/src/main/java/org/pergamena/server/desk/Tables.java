package org.pergamena.server.desk;

import java.util.UUID;
import org.pergamena.core.map.MapRuleException;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.table.Bringing;
import org.pergamena.formats.table.Cells;
import org.pergamena.formats.table.Cells.BrokenTableException;

/** Tables as they are pasted. */
final class Tables {
  private Tables() {}

  /**
   * What bringing tables comes to.
   *
   * @throws MapRuleException if the text of one is no table
   */
  static Bringing.Plan plan(TopicMap map, UUID under, String topics, String relations) {
    try {
      return Bringing.plan(map, under, Cells.of(topics), Cells.of(relations), UUID::randomUUID);
    } catch (BrokenTableException e) {
      throw new MapRuleException(e.getMessage() + " Mend it and paste again.");
    }
  }
}
