package org.pergamena.server.briefs;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.brief.Brief;
import org.pergamena.core.map.TopicMap;

/**
 * What is wanted of a text assistant; a limit is 0 where there is none.
 *
 * @param topics that it is about, empty for the whole map
 */
record BriefView(
    @NotNull Brief.Wish wish,
    @NotNull @Size(max = TopicMap.MOST_TOPICS) List<@NotNull UUID> topics,
    @NotNull String subject,
    int levels,
    int points,
    int words,
    @NotNull String audience,
    @NotNull String role,
    @NotNull String language,
    @NotNull Set<Brief.@NotNull Along> along) {
  Brief brief() {
    return new Brief(
        wish,
        topics,
        subject,
        new Brief.Limits(levels, points, words),
        audience,
        role,
        language,
        along);
  }
}
