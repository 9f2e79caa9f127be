package org.pergamena.server.demo;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.pergamena.core.distil.DistilOptions;
import org.pergamena.core.distil.Distiller;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.progress.Progress;
import org.pergamena.server.maps.Act;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.references.References;
import org.pergamena.server.sources.SourceFiles;
import org.pergamena.server.sources.Sources;
import org.pergamena.server.visitors.Visitors;
import org.pergamena.server.visitors.Welcome;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The demonstration: a map that is distilled from the files in {@code demo/} once, edited a little
 * by hand, and copied for every new visitor.
 */
@Component
@ConditionalOnProperty("pergamena.demo")
class DemoMap implements Welcome {
  private static final Logger LOG = LoggerFactory.getLogger(DemoMap.class);
  private static final UUID KEEPER = new UUID(0, 1);
  private final Visitors visitors;
  private final Sources sources;
  private final SourceFiles files;
  private final References references;
  private final Maps maps;
  private final TransactionTemplate transactions;
  private final DemoSources brought;

  DemoMap(
      Visitors visitors,
      Sources sources,
      SourceFiles files,
      References references,
      Maps maps,
      DemoSources brought,
      TransactionTemplate transactions) {
    this.visitors = visitors;
    this.sources = sources;
    this.files = files;
    this.references = references;
    this.maps = maps;
    this.transactions = transactions;
    this.brought = brought;
  }

  @EventListener
  void ready(ApplicationReadyEvent event) {
    template();
  }

  @Override
  public void receive(UUID visitor) {
    UUID template = template();
    transactions.executeWithoutResult(transaction -> copy(template, visitor));
  }

  private synchronized UUID template() {
    visitors.ensure(KEEPER);
    List<Maps.Summary> there = maps.of(KEEPER);
    if (!there.isEmpty()) {
      return there.get(0).id();
    }
    LOG.info("distilling the demonstration map");
    return transactions.execute(transaction -> make());
  }

  private UUID make() {
    UUID map = maps.reserve(KEEPER);
    brought.into(map);
    maps.fill(
        map,
        new Distiller(sources.analysed(map), DistilOptions.DEFAULT, Progress.NONE)
            .distil()
            .map(UUID.randomUUID(), UUID::randomUUID),
        true);
    new DemoEdits(sources.texts(map))
        .all()
        .forEach(edit -> maps.change(Act.byHand(KEEPER, null), map, edit));
    return map;
  }

  private void copy(UUID template, UUID visitor) {
    TopicMap map = maps.get(template).map();
    UUID copy = maps.reserve(visitor);
    Map<UUID, UUID> copies = files.copy(template, copy);
    references.copy(template, copy);
    maps.fill(copy, map.copied(copies::get, UUID::randomUUID), true);
  }
}
