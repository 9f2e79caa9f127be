package org.pergamena.server.desk;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.pergamena.core.source.Sketch;
import org.pergamena.core.source.SourceText;
import org.pergamena.server.sources.Sources;
import org.springframework.stereotype.Component;

/** Tells which sources of a map are nearly the same text, whose passages would count twice. */
@Component
class LikeSources {
  /** Texts that share more of their runs of words than this are nearly the same. */
  private static final double NEARLY = 0.5;

  private final Cache<UUID, Sketch> sketches = Caffeine.newBuilder().maximumSize(10_000).build();
  private final Cache<List<UUID>, Map<UUID, UUID>> found =
      Caffeine.newBuilder().maximumSize(1_000).build();

  /**
   * For sources that are nearly the same text as one before them, the name of that one.
   *
   * @param texts by the identities of the sources
   */
  Map<UUID, String> names(List<Sources.Entry> entries, Map<UUID, SourceText> texts) {
    List<Sources.Entry> ready = entries.stream().filter(Sources.Entry::ready).toList();
    Map<UUID, UUID> like =
        found.get(
            ready.stream().map(Sources.Entry::textId).toList(), key -> compared(ready, texts));
    Map<UUID, String> names = new HashMap<>();
    for (Sources.Entry entry : ready) {
      ready.stream()
          .filter(other -> other.textId().equals(like.get(entry.textId())))
          .filter(other -> !other.id().equals(entry.id()))
          .findFirst()
          .ifPresent(other -> names.put(entry.id(), other.name()));
    }
    return names;
  }

  private Map<UUID, UUID> compared(List<Sources.Entry> ready, Map<UUID, SourceText> texts) {
    Map<UUID, UUID> like = new HashMap<>();
    Map<UUID, Sketch> before = new LinkedHashMap<>();
    for (Sources.Entry entry : ready) {
      Sketch own = sketches.get(entry.textId(), key -> Sketch.of(texts.get(entry.id()).text()));
      before.entrySet().stream()
          .filter(other -> own.resemblance(other.getValue()) >= NEARLY)
          .findFirst()
          .ifPresent(other -> like.put(entry.textId(), other.getKey()));
      before.putIfAbsent(entry.textId(), own);
    }
    return like;
  }
}
