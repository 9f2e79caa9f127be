package org.pergamena.core.map;

import java.util.UUID;

/**
 * That a topic is shown again, as the same topic, under another than its own parent.
 *
 * @param topic whose place stays where it is
 * @param parent under which it is shown too
 */
public record Also(UUID id, UUID topic, UUID parent) {
  /** The most on one map. */
  public static final int MOST = 2_000;
}
