package org.pergamena.server.study;

import java.util.List;
import java.util.UUID;

/**
 * A passage that bears out what was found.
 *
 * @param place page, time or heading, as it is cited
 * @param topics under which it stands on the map
 */
record StudiedPassage(
    UUID source, int start, int end, String exact, String place, List<UUID> topics) {}
