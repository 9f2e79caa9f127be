package org.pergamena.server.sessions;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.pergamena.server.site.Refused;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Knows browsers again by a random token. Only its hash is kept. A session ends when it was not
 * used for long, at a fixed time after it was begun, or when its owner ends it; one that is in use
 * gets a new token from time to time, and the old one ends once the new one has come back.
 */
@Service
public class Sessions {
  private static final Duration HOUR = Duration.ofHours(1);

  /** After this a session gets a new token when its page is opened. */
  private static final Duration FRESH = Duration.ofDays(7);

  /** How long a token that has been replaced goes on, for what is under way with it. */
  private static final Duration GRACE = Duration.ofMinutes(1);

  private static final Duration INVITED = Duration.ofMinutes(10);
  private static final int MOST_OFFERED = 100_000;

  private final EntityManager entities;
  private final Duration idle;
  private final Duration longest;

  /** Those who were given a token and have not come back with it yet, by its hash. */
  private final Cache<String, UUID> offered =
      Caffeine.newBuilder().maximumSize(MOST_OFFERED).expireAfterWrite(HOUR).build();

  Sessions(
      EntityManager entities,
      @Value("${pergamena.sessions.idle}") Duration idle,
      @Value("${pergamena.sessions.longest}") Duration longest) {
    this.entities = entities;
    this.idle = idle;
    this.longest = longest;
  }

  /** Who a browser belongs to, and the session in which it does. */
  public record Known(UUID session, UUID visitor) {}

  /** A session in a list. */
  public record Summary(UUID id, String browser, Instant begunAt, Instant seenAt) {}

  /** A secret for another browser. */
  public record Invitation(String code, Instant until) {}

  /** A token for somebody new; nothing is kept before it comes back. */
  String offer(UUID visitor) {
    String token = Tokens.secret();
    offered.put(Tokens.hash(token), visitor);
    return token;
  }

  /** Who was offered a token, if they have not come back with it before. */
  public Optional<UUID> offered(String token) {
    return Optional.ofNullable(offered.getIfPresent(Tokens.hash(token)));
  }

  /** Notes that a token came back, so that it begins no second session when this one has ended. */
  public void arrived(String token) {
    offered.invalidate(Tokens.hash(token));
  }

  /** The session of a token, if it goes on. */
  @Transactional
  public Optional<Known> known(String token) {
    return byHash(Tokens.hash(token)).map(this::seen);
  }

  private Optional<SessionRow> byHash(String hash) {
    Instant now = Instant.now();
    return entities
        .createQuery("from SessionRow where hash = :hash", SessionRow.class)
        .setParameter("hash", hash)
        .getResultStream()
        .findFirst()
        .filter(row -> row.endsAt.isAfter(now) && row.seenAt.isAfter(now.minus(idle)));
  }

  private Known seen(SessionRow row) {
    Instant now = Instant.now();
    if (row.seenAt.isBefore(now.minus(HOUR))) {
      row.seenAt = now;
    }
    if (row.formerId != null) {
      SessionRow former = entities.find(SessionRow.class, row.formerId);
      row.formerId = null;
      if (former != null && former.endsAt.isAfter(now.plus(GRACE))) {
        former.endsAt = now.plus(GRACE);
      }
    }
    return new Known(row.id, row.visitorId);
  }

  /** Begins the session of a token that was offered; in the transaction that makes its visitor. */
  public void begin(String token, UUID visitor, String userAgent) {
    begun(token, visitor, null, userAgent);
  }

  /** Begins a session with a token of its own. */
  @Transactional
  String begin(UUID visitor, String userAgent) {
    String token = Tokens.secret();
    begun(token, visitor, null, userAgent);
    return token;
  }

  private void begun(String token, UUID visitor, UUID former, String userAgent) {
    SessionRow row =
        new SessionRow(
            Tokens.hash(token),
            visitor,
            former,
            Browser.named(userAgent),
            Instant.now().plus(longest));
    entities.persist(row);
  }

  /** A new token for a session that has had its own for long. */
  @Transactional
  Optional<String> renewed(UUID session, String userAgent) {
    SessionRow row = entities.find(SessionRow.class, session, LockModeType.PESSIMISTIC_WRITE);
    Instant now = Instant.now();
    if (row == null || row.createdAt.isAfter(now.minus(FRESH)) || renewedSince(row, now)) {
      return Optional.empty();
    }
    String token = Tokens.secret();
    begun(token, row.visitorId, row.id, userAgent);
    return Optional.of(token);
  }

  /** Whether a token is just on its way to a browser: two pages that open at once get one. */
  private boolean renewedSince(SessionRow row, Instant now) {
    return entities
            .createQuery(
                "select count(*) from SessionRow where formerId = :id and createdAt > :since",
                Long.class)
            .setParameter("id", row.id)
            .setParameter("since", now.minus(GRACE))
            .getSingleResult()
        > 0;
  }

  /** The sessions of a visitor that go on, the one used last first. */
  @Transactional(readOnly = true)
  public List<Summary> of(UUID visitor) {
    Instant now = Instant.now();
    return entities
        .createQuery(
            "from SessionRow where visitorId = :visitor and endsAt > :now and seenAt > :since"
                + " order by seenAt desc, id",
            SessionRow.class)
        .setParameter("visitor", visitor)
        .setParameter("now", now.plus(GRACE)) // not those that have been replaced
        .setParameter("since", now.minus(idle))
        .getResultStream()
        .map(row -> new Summary(row.id, row.browser, row.createdAt, row.seenAt))
        .toList();
  }

  /** Ends a session of a visitor; whether there was one. */
  @Transactional
  public boolean end(UUID visitor, UUID session) {
    return entities
            .createQuery("delete from SessionRow where id = :id and visitorId = :visitor")
            .setParameter("id", session)
            .setParameter("visitor", visitor)
            .executeUpdate()
        > 0;
  }

  /** Makes a secret by which another browser of a visitor comes in; an earlier one ends. */
  @Transactional
  public Invitation invite(UUID visitor) {
    String code = Tokens.typed();
    InvitationRow row = new InvitationRow(visitor);
    row.hash = Tokens.hash(Tokens.plain(code));
    row.endsAt = Instant.now().plus(INVITED);
    entities.merge(row);
    return new Invitation(code, row.endsAt);
  }

  /**
   * Who somebody was invited by.
   *
   * @throws Refused if the secret is wrong, has been used or is too old
   */
  @Transactional
  public UUID invitedBy(String code) {
    InvitationRow row =
        entities
            .createQuery("from InvitationRow where hash = :hash", InvitationRow.class)
            .setParameter("hash", Tokens.hash(Tokens.plain(code)))
            .getResultStream()
            .findFirst()
            .filter(found -> found.endsAt.isAfter(Instant.now()))
            .orElseThrow(
                () ->
                    new Refused(
                        HttpStatus.UNPROCESSABLE_CONTENT,
                        "This code is wrong, has been used, or is older than ten minutes. Ask for a"
                            + " new one in the other browser."));
    entities.remove(row);
    return row.visitorId;
  }

  /** Removes what has ended. */
  @Transactional
  void sweep() {
    Instant now = Instant.now();
    entities
        .createQuery("delete from SessionRow where endsAt < :now or seenAt < :since")
        .setParameter("now", now)
        .setParameter("since", now.minus(idle))
        .executeUpdate();
    entities
        .createQuery("delete from InvitationRow where endsAt < :now")
        .setParameter("now", now)
        .executeUpdate();
  }
}
