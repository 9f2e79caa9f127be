package org.pergamena.server.sources;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.server.testing.TestApplication;
import org.pergamena.server.testing.TestVisitor;
import org.springframework.context.ApplicationContext;
import org.springframework.transaction.support.TransactionTemplate;

/** What sentences mean is told once, when a source is read, and is there after a new start. */
@ExtendWith(TestApplication.class)
class KeptVectorsTest {
  @Test
  void what_sentences_mean_is_kept_from_when_they_were_read(
      TestVisitor visitor, ApplicationContext application) {
    UUID map = visitor.newMap();
    visitor.read(
        map, "gates.txt", "The sluice gates rusted in the salt air. Nobody paid for new gates.");
    KeptVectors vectors = application.getBean(KeptVectors.class);
    Sources started = new Sources(application.getBean(EntityManager.class), vectors);
    TransactionTemplate transaction = application.getBean(TransactionTemplate.class);
    List<Analysed> texts = transaction.execute(status -> started.analysed(map));
    assertThat(texts)
        .singleElement()
        .satisfies(text -> assertThat(text.vectors().orElseThrow().complete()).isTrue());
  }
}
