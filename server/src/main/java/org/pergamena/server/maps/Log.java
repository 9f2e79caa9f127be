package org.pergamena.server.maps;

import jakarta.persistence.EntityManager;
import java.time.Duration;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.history.Telling;
import org.pergamena.core.map.Applied;
import org.pergamena.core.map.ByHand;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.MapRuleException;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.TreeChange;
import org.pergamena.core.writing.TypedOn;
import org.pergamena.server.maps.RevisionRow.Kind;
import org.pergamena.server.maps.RevisionRow.Moment;
import org.pergamena.server.maps.RevisionRow.State;
import org.pergamena.server.site.Refused;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The revisions of maps: what was changed, by whom, and what of it can be taken back. */
@Service
public class Log {
  /** How several changes together begin as they are stored. */
  private static final String SEVERAL = "{\"type\":\"together\"";

  /** As many topics at once are an import. */
  private static final int MANY = 10;

  private final EntityManager entities;

  Log(EntityManager entities) {
    this.entities = entities;
  }

  /** What undoing or redoing comes to. */
  record Turn(RevisionRow revision, Change change, Applied applied) {}

  /** Whether a person has something to undo, and something to redo. */
  public record Can(boolean undo, boolean redo) {}

  /** Whether a person has a change to undo, or one to redo. */
  @Transactional(readOnly = true)
  public Can can(UUID mapId, UUID person) {
    List<State> states =
        entities
            .createQuery(
                "select distinct state from RevisionRow where mapId = :map and author = :person"
                    + " and kind = :kind and state in :states",
                State.class)
            .setParameter("map", mapId)
            .setParameter("person", person)
            .setParameter("kind", Kind.CHANGE)
            .setParameter("states", List.of(State.DONE, State.UNDONE))
            .getResultList();
    return new Can(states.contains(State.DONE), states.contains(State.UNDONE));
  }

  /** Whether an edit has been applied already. */
  boolean has(UUID mapId, UUID edit) {
    return edit != null
        && !entities
            .createQuery(
                "select number from RevisionRow where mapId = :map and editId = :edit", Long.class)
            .setParameter("map", mapId)
            .setParameter("edit", edit)
            .getResultList()
            .isEmpty();
  }

  /** Whether a change that holds gave the map its title. */
  boolean titled(UUID mapId) {
    return !entities
        .createQuery(
            "select number from RevisionRow where mapId = :map and kind = :kind and state = :done"
                + " and titles",
            Long.class)
        .setParameter("map", mapId)
        .setParameter("kind", Kind.CHANGE)
        .setParameter("done", State.DONE)
        .setMaxResults(1)
        .getResultList()
        .isEmpty();
  }

  /**
   * What people decided about a map by hand, of what still holds. Of changes in the first format
   * only single ones count, as it does not tell whether several together were a job's.
   */
  @Transactional(readOnly = true)
  public ByHand byHand(UUID mapId) {
    List<ByHand.Made> made =
        entities
            .createQuery(
                "from RevisionRow where mapId = :map and kind = :kind and state = :done"
                    + " and jobId is null order by number",
                RevisionRow.class)
            .setParameter("map", mapId)
            .setParameter("kind", Kind.CHANGE)
            .setParameter("done", State.DONE)
            .getResultList()
            .stream()
            .filter(row -> row.format > 1 || !row.change.startsWith(SEVERAL))
            .map(
                row ->
                    new ByHand.Made(
                        ChangeJson.read(row.format, row.change),
                        ChangeJson.read(row.format, row.inverse)))
            .toList();
    return ByHand.of(made);
  }

  /** What a person undid cannot be redone once they do something else. */
  void replaceUndone(UUID mapId, UUID person) {
    entities
        .createQuery(
            "update RevisionRow set state = :replaced where mapId = :map and author = :person"
                + " and kind = :kind and state = :undone")
        .setParameter("replaced", State.REPLACED)
        .setParameter("undone", State.UNDONE)
        .setParameter("map", mapId)
        .setParameter("person", person)
        .setParameter("kind", Kind.CHANGE)
        .executeUpdate();
  }

  /** Keeps a revision; what goes on from the one before while a person types takes its place. */
  void keep(RevisionRow revision, Change change, TopicMap before, Applied applied) {
    revision.change = ChangeJson.write(change);
    revision.inverse = ChangeJson.write(applied.inverse());
    revision.touched = applied.touched().subjects().toArray(UUID[]::new);
    revision.titles = !before.root().label().equals(applied.map().root().label());
    String did =
        typedOn(revision, change)
            .map(typed -> Telling.of(typed.change(), typed.before(before), applied.map()))
            .orElseGet(() -> Telling.of(change, before, applied.map()));
    revision.said =
        revision.called == null
            ? did
            : revision.called + ": " + Character.toLowerCase(did.charAt(0)) + did.substring(1);
    revision.moment = revision.moment == null ? moment(revision, change) : revision.moment;
    entities.persist(revision);
  }

  /** A change that took the place of the one before. */
  private record Typed(Change change, Change inverse) {
    /** The map as it was before both. */
    TopicMap before(TopicMap between) {
      return between.apply(inverse).map();
    }
  }

  /**
   * Has a revision take the place of the one right before it if both save one time at one field.
   */
  private Optional<Typed> typedOn(RevisionRow revision, Change change) {
    RevisionRow earlier =
        revision.typing == null
            ? null
            : entities.find(
                RevisionRow.class, new RevisionRow.Key(revision.mapId, revision.number - 1));
    if (earlier == null
        || !revision.typing.equals(earlier.typing)
        || !revision.author.equals(earlier.author)
        || earlier.state != State.DONE
        || earlier.kind != Kind.CHANGE
        || named(earlier)) {
      return Optional.empty();
    }
    Optional<Change> both = TypedOn.of(ChangeJson.read(earlier.format, earlier.change), change);
    both.ifPresent(
        typed -> {
          revision.change = ChangeJson.write(typed);
          revision.inverse = earlier.inverse;
          revision.format = earlier.format;
          revision.titles |= earlier.titles;
          revision.moment = earlier.moment;
          earlier.state = State.TYPED_ON;
        });
    return both.map(typed -> new Typed(typed, ChangeJson.read(revision.format, revision.inverse)));
  }

  /** Whether a person has named the state after a revision, which then stays to be gone back to. */
  private boolean named(RevisionRow revision) {
    return !entities
        .createNativeQuery("select 1 from named_version where map_id = :map and number = :number")
        .setParameter("map", revision.mapId)
        .setParameter("number", revision.number)
        .getResultList()
        .isEmpty();
  }

  /** Marks the state after a revision as worth going back to. */
  void mark(UUID mapId, long number, Moment moment) {
    entities.find(RevisionRow.class, new RevisionRow.Key(mapId, number)).moment = moment;
  }

  private Moment moment(RevisionRow revision, Change change) {
    if (revision.jobId != null) {
      return Moment.WORK;
    }
    long came =
        change.parts().stream()
            .filter(TreeChange.AddBranch.class::isInstance)
            .mapToLong(part -> ((TreeChange.AddBranch) part).branch().topics().size())
            .sum();
    if (came >= MANY || revision.called != null) {
      return Moment.BROUGHT;
    }
    return worked(revision) ? Moment.HOUR : null;
  }

  /** Whether an hour has gone by with changes since the last state that was marked. */
  private boolean worked(RevisionRow revision) {
    List<?> worked =
        entities
            .createNativeQuery(
                "select coalesce((select made_at from revision where map_id = :map"
                    + " and moment is not null order by made_at desc limit 1),"
                    + " (select made_at from revision where map_id = :map order by number"
                    + " limit 1)) < cast(:before as timestamptz)",
                Boolean.class)
            .setParameter("before", revision.madeAt.minus(Duration.ofHours(1)))
            .setParameter("map", revision.mapId)
            .getResultList();
    return worked.contains(true);
  }

  /**
   * What a person undoes or redoes next.
   *
   * @throws Refused if there is nothing, or somebody else has changed the same since
   */
  Turn turn(UUID mapId, UUID person, Kind kind, TopicMap map) {
    boolean undo = kind == Kind.UNDO;
    RevisionRow revision =
        next(mapId, person, undo)
            .orElseThrow(
                () ->
                    new Refused(
                        HttpStatus.CONFLICT, "There is nothing to " + (undo ? "undo." : "redo.")));
    Change change = ChangeJson.read(revision.format, undo ? revision.inverse : revision.change);
    Optional<Applied> applied =
        overtaken(revision, person) ? Optional.empty() : applied(map, change, revision);
    if (applied.isEmpty()) {
      revision.state = State.OVERTAKEN;
      throw new Refused(
          HttpStatus.CONFLICT,
          "Somebody else has changed the same since, so it stays as it is. Press again for the"
              + " change before it.");
    }
    revision.state = undo ? State.UNDONE : State.DONE;
    return new Turn(revision, change, applied.get());
  }

  /** Nothing if the change no longer fits, or would take out what others have put in since. */
  private static Optional<Applied> applied(TopicMap map, Change change, RevisionRow revision) {
    try {
      Applied applied = map.apply(change);
      Set<UUID> gone = new HashSet<>(applied.touched().topics());
      gone.removeIf(id -> applied.map().has(id) || !map.has(id));
      boolean own = revision.format < 2 || Arrays.asList(revision.touched).containsAll(gone);
      return own ? Optional.of(applied) : Optional.empty();
    } catch (MapRuleException e) {
      return Optional.empty();
    }
  }

  private Optional<RevisionRow> next(UUID mapId, UUID person, boolean undo) {
    return entities
        .createQuery(
            "from RevisionRow where mapId = :map and author = :person and kind = :kind"
                + " and state = :state order by number "
                + (undo ? "desc" : "asc"),
            RevisionRow.class)
        .setParameter("map", mapId)
        .setParameter("person", person)
        .setParameter("kind", Kind.CHANGE)
        .setParameter("state", undo ? State.DONE : State.UNDONE)
        .setMaxResults(1)
        .getResultStream()
        .findFirst();
  }

  /** Whether somebody else has touched the same since. */
  private boolean overtaken(RevisionRow revision, UUID person) {
    return (Boolean)
        entities
            .createNativeQuery(
                "select exists (select 1 from revision where map_id = :map and number > :number"
                    + " and author <> :person and touched && cast(:touched as uuid[]))",
                Boolean.class)
            .setParameter("map", revision.mapId)
            .setParameter("number", revision.number)
            .setParameter("person", person)
            .setParameter("touched", revision.touched)
            .getSingleResult();
  }
}
