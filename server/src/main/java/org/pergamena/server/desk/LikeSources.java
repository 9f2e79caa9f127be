package org.pergamena.server.desk;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
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
  private final Cache<List<UUID>, Map<Integer, Integer>> found =
      Caffeine.newBuilder().maximumSize(1_000).build();

  /**
   * For sources that are nearly the same text as one before them, the name of that one.
   *
   * @param texts by the identities of the sources
   */
  Map<UUID, String> names(List<Sources.Entry> entries, Map<UUID, SourceText> texts) {
    List<Sources.Entry> ready = entries.stream().filter(Sources.Entry::ready).toList();
    List<UUID> key = ready.stream().map(Sources.Entry::textId).toList();
    Map<UUID, String> names = new HashMap<>();
    found
        .get(key, ids -> compared(ready, texts))
        .forEach((at, before) -> names.put(ready.get(at).id(), ready.get(before).name()));
    return names;
  }

  /** The places of sources that are like one before them, and the place of that one. */
  private Map<Integer, Integer> compared(List<Sources.Entry> ready, Map<UUID, SourceText> texts) {
    Map<Integer, Integer> like = new HashMap<>();
    List<Sketch> before = new ArrayList<>();
    for (Sources.Entry entry : ready) {
      Sketch own = sketches.get(entry.textId(), id -> Sketch.of(texts.get(entry.id()).text()));
      int at = before.size();
      IntStream.range(0, at)
          .filter(other -> own.resemblance(before.get(other)) >= NEARLY)
          .findFirst()
          .ifPresent(other -> like.put(at, other));
      before.add(own);
    }
    return like;
  }
}
