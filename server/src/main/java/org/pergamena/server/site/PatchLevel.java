package org.pergamena.server.site;

import java.util.Map;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Tells whoever runs the server when its Java lacks updates that close known holes. The levels are
 * those of the quarterly update that was current when this was written; they are raised with a
 * release.
 */
@Component
class PatchLevel {
  private static final Logger LOG = LoggerFactory.getLogger(PatchLevel.class);

  /** The update of each line that has one with a long time of support. */
  private static final Map<Integer, Integer> UPDATES = Map.of(17, 15, 21, 7);

  private static final int LAST_LINE = 24;

  @EventListener
  void ready(ApplicationReadyEvent event) {
    warning(Runtime.version()).ifPresent(LOG::warn);
  }

  /** What is to be said of a version of Java, if anything. */
  static Optional<String> warning(Runtime.Version version) {
    Integer update = UPDATES.get(version.feature());
    boolean old = update != null ? version.update() < update : version.feature() < LAST_LINE;
    return old
        ? Optional.of(
            "Java "
                + version
                + " lacks updates that close known holes"
                + (update == null
                    ? ", and its line gets none any more; install Java 21"
                    : "; there is at least " + version.feature() + ".0." + update)
                + ". On Debian: apt-get update && apt-get upgrade")
        : Optional.empty();
  }
}
