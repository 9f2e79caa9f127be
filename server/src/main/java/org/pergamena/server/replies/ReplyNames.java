package org.pergamena.server.replies;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.Together;
import org.pergamena.core.progress.Progress;
import org.pergamena.core.reply.NameChecking;
import org.pergamena.core.reply.ProposedNames;
import org.pergamena.core.reply.ProposedNames.Proposed;
import org.pergamena.server.maps.Act;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.site.Refused;
import org.pergamena.server.sources.Sources;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** The names that replies propose for topics. */
@Service
class ReplyNames {
  private final Replies replies;
  private final Maps maps;
  private final Sources sources;

  ReplyNames(Replies replies, Maps maps, Sources sources) {
    this.replies = replies;
    this.maps = maps;
    this.sources = sources;
  }

  /** The names that a reply proposes, held against the map and its sources. */
  ProposedNames proposed(UUID mapId, UUID id, Progress progress) {
    return proposed(mapId, replies.row(mapId, id), progress);
  }

  private ProposedNames proposed(UUID mapId, ReplyRow row, Progress progress) {
    return NameChecking.of(
        row.body,
        row.asked,
        maps.get(mapId).map(),
        sources.analysed(mapId, () -> progress.at("Finding sentences", 0.02)));
  }

  /**
   * Names topics as a reply proposes, all as one change.
   *
   * @param edit the identity of the request, so that it is done once
   * @param wanted the topics whose proposed names a person takes
   */
  void take(UUID person, UUID mapId, UUID id, UUID edit, Set<UUID> wanted, Progress progress) {
    ReplyRow row = replies.row(mapId, id);
    Map<UUID, Change> changes = new LinkedHashMap<>();
    for (Proposed each : proposed(mapId, row, progress).names()) {
      if (wanted.contains(each.topic())) {
        String label = each.label();
        int end = Math.min(label.length(), Content.LONGEST_LABEL);
        changes.put(each.topic(), new ContentChange.Relabel(each.topic(), label.substring(0, end)));
      }
    }
    String by = row.assistant.isBlank() ? "a text assistant" : row.assistant;
    maps.change(
        Act.byHand(person, edit).called("Took names from a reply of " + by),
        mapId,
        now -> {
          changes.keySet().removeIf(topic -> !now.has(topic));
          if (changes.isEmpty()) {
            throw new Refused(
                HttpStatus.CONFLICT,
                "The map has changed, and has these names already. Look again.");
          }
          return new Together(List.copyOf(changes.values()));
        });
  }
}
