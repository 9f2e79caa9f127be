package org.pergamena.server.maps;

import java.util.UUID;
import org.pergamena.core.map.Branch;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.TreeChange;

/**
 * The topics of a map as text, in the form of stored changes, so that they are read for as long as
 * these are.
 *
 * @param format of the text
 */
public record StoredMap(int format, String json) {
  private static final UUID NOWHERE = new UUID(0, 0);

  /** A map's topics as text. */
  public static StoredMap of(TopicMap map) {
    Branch all = new Branch(map.preorder());
    return new StoredMap(
        ChangeJson.FORMAT, ChangeJson.write(new TreeChange.AddBranch(NOWHERE, Place.LAST, all)));
  }

  /** The map that was written. */
  public TopicMap map() {
    TreeChange.AddBranch stored = (TreeChange.AddBranch) ChangeJson.read(format, json);
    return TopicMap.of(stored.branch().topics());
  }
}
