package org.pergamena.server.briefs;

import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.UUID;
import org.pergamena.server.site.Refused;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The briefs that people keep. */
@Service
public class KeptBriefs {
  private static final JsonMapper MAPPER = JsonMapper.builder().build();
  private static final int MOST = 100;

  private final EntityManager entities;

  KeptBriefs(EntityManager entities) {
    this.entities = entities;
  }

  /** A brief under its name; it is about no topics until it is used. */
  record KeptBrief(UUID id, String name, BriefView brief) {}

  /** A person's briefs by name. */
  @Transactional(readOnly = true)
  List<KeptBrief> of(UUID person) {
    return rows(person).stream()
        .map(row -> new KeptBrief(row.id, row.name, MAPPER.readValue(row.choices, BriefView.class)))
        .toList();
  }

  /** Keeps a brief; one of the same name is replaced. */
  @Transactional
  public void keep(UUID person, String name, BriefView brief) {
    BriefView bare =
        new BriefView(
            brief.wish(),
            List.of(),
            brief.subject(),
            brief.levels(),
            brief.points(),
            brief.words(),
            brief.audience(),
            brief.role(),
            brief.language(),
            brief.along());
    List<KeptBriefRow> before = rows(person);
    before.stream().filter(row -> row.name.equals(name)).forEach(entities::remove);
    if (before.size() >= MOST) {
      throw new Refused(
          HttpStatus.CONFLICT, MOST + " briefs can be kept. Forget one that is not needed.");
    }
    entities.persist(new KeptBriefRow(person, name, MAPPER.writeValueAsString(bare)));
  }

  /** A person's briefs as JSON, to be taken along; null if there are none. */
  @Transactional(readOnly = true)
  public byte[] written(UUID person) {
    List<KeptBrief> kept = of(person);
    return kept.isEmpty() ? null : MAPPER.writerWithDefaultPrettyPrinter().writeValueAsBytes(kept);
  }

  /** Forgets a brief. */
  @Transactional
  public void forget(UUID person, UUID id) {
    rows(person).stream().filter(row -> row.id.equals(id)).forEach(entities::remove);
  }

  private List<KeptBriefRow> rows(UUID person) {
    return entities
        .createQuery(
            "from KeptBriefRow where person = :person order by lower(name)", KeptBriefRow.class)
        .setParameter("person", person)
        .getResultList();
  }
}
