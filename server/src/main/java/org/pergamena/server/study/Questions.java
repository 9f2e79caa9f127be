package org.pergamena.server.study;

import jakarta.persistence.EntityManager;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.progress.Progress;
import org.pergamena.core.source.Passage;
import org.pergamena.core.study.ask.Answering;
import org.pergamena.core.study.ask.Answers;
import org.pergamena.server.site.Refused;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Questions to maps, answered by their sources; some are kept, and tell when there is more. */
@Service
class Questions {
  private static final int MOST = 50;

  private final EntityManager entities;
  private final Study study;
  private final TransactionTemplate transactions;

  Questions(EntityManager entities, Study study, TransactionTemplate transactions) {
    this.entities = entities;
    this.study = study;
    this.transactions = transactions;
  }

  /**
   * A question that is kept.
   *
   * @param answers how many passages answer it now
   * @param fresh how many of them the person has not seen
   */
  record KeptQuestion(UUID id, String text, int answers, int fresh) {}

  /** What the sources of a map say to a question. */
  Answers answers(UUID mapId, String text, Progress progress) {
    return answering(mapId, progress).to(text, study.topics(mapId));
  }

  private Answering answering(UUID mapId, Progress progress) {
    return study.answering(mapId, progress);
  }

  /** A person's questions to a map, with what they have not seen. */
  List<KeptQuestion> kept(UUID person, UUID mapId, Progress progress) {
    List<QuestionRow> rows = rows(person, mapId);
    if (rows.isEmpty()) {
      return List.of();
    }
    Answering answering = answering(mapId, progress);
    List<KeptQuestion> kept = new ArrayList<>();
    for (QuestionRow row : rows) {
      progress.at("Looking for answers", kept.size() / (double) rows.size());
      Set<String> seen = new HashSet<>(Arrays.asList(row.seen));
      List<String> names = names(answering.to(row.body, null));
      int fresh = (int) names.stream().filter(name -> !seen.contains(name)).count();
      kept.add(new KeptQuestion(row.id, row.body, names.size(), fresh));
    }
    return kept;
  }

  /** Keeps a question, its answers as they are now seen. */
  void keep(UUID person, UUID mapId, String text, Progress progress) {
    String[] seen = names(answers(mapId, text, progress)).toArray(String[]::new);
    transactions.executeWithoutResult(
        transaction -> {
          List<QuestionRow> rows = rows(person, mapId);
          if (rows.stream().anyMatch(row -> row.body.equals(text))) {
            return;
          }
          if (rows.size() >= MOST) {
            throw new Refused(
                HttpStatus.CONFLICT,
                MOST + " questions are kept with a map. Forget one that is answered.");
          }
          QuestionRow row = new QuestionRow(mapId, person, text);
          row.seen = seen;
          entities.persist(row);
        });
  }

  /** Notes that a person has seen the answers to a question as they are now. */
  void seen(UUID person, UUID mapId, UUID id, Progress progress) {
    QuestionRow found =
        rows(person, mapId).stream().filter(row -> row.id.equals(id)).findFirst().orElse(null);
    if (found != null) {
      String[] seen = names(answers(mapId, found.body, progress)).toArray(String[]::new);
      transactions.executeWithoutResult(
          transaction -> {
            QuestionRow row = entities.find(QuestionRow.class, id);
            if (row != null) {
              row.seen = seen;
            }
          });
    }
  }

  /** Forgets a question. */
  @Transactional
  public void forget(UUID person, UUID mapId, UUID id) {
    rows(person, mapId).stream().filter(row -> row.id.equals(id)).forEach(entities::remove);
  }

  /** What each answer is called, the same as long as its words stand in its source. */
  private static List<String> names(Answers answers) {
    return answers.found().stream().map(Answers.Answer::passage).map(Questions::name).toList();
  }

  private static String name(Passage passage) {
    return passage.source() + " " + Integer.toHexString(passage.line().hashCode());
  }

  private List<QuestionRow> rows(UUID person, UUID mapId) {
    return entities
        .createQuery(
            "from QuestionRow where mapId = :map and person = :person order by keptAt",
            QuestionRow.class)
        .setParameter("map", mapId)
        .setParameter("person", person)
        .getResultList();
  }
}
