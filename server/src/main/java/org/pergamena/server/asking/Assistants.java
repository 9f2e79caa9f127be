package org.pergamena.server.asking;

import jakarta.persistence.EntityManager;
import java.net.URI;
import java.net.URISyntaxException;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.pergamena.server.site.Refused;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The assistants that people have set; nobody is asked anything until one is. */
@Service
class Assistants {
  private final EntityManager entities;
  private final Seal seal;
  private final Optional<ShippedAssistant> shipped;

  /** Hosts with ports that are asked although they are not public. */
  private final Set<String> allowed = new HashSet<>();

  Assistants(
      EntityManager entities,
      Seal seal,
      Optional<ShippedAssistant> shipped,
      @Value("${pergamena.assistant.hosts}") String hosts) {
    this.entities = entities;
    this.seal = seal;
    this.shipped = shipped;
    Arrays.stream(hosts.split(","))
        .map(String::strip)
        .filter(h -> !h.isEmpty())
        .forEach(allowed::add);
    shipped.map(ShippedAssistant::host).ifPresent(allowed::add);
  }

  /**
   * An assistant as it is asked.
   *
   * @param key may be empty
   * @param trusted whether its host may be a private one
   */
  record Assistant(URI address, String model, String name, String key, boolean trusted) {}

  /** What a person has set, without the key. */
  record View(
      boolean set, String address, String model, String name, boolean keyed, String shipped) {}

  /** What a person has set. */
  @Transactional(readOnly = true)
  public View view(UUID person) {
    AssistantRow row = entities.find(AssistantRow.class, person);
    String own = shipped.map(ShippedAssistant::address).orElse("");
    return row == null
        ? new View(false, "", "", "", false, own)
        : new View(true, row.address, row.model, row.name, row.sealedKey != null, own);
  }

  /**
   * Sets an assistant.
   *
   * @param key a new one, empty for none, or null for the one that is kept; with another host the
   *     one that is kept is let go
   * @throws Refused if the address is none that is asked
   */
  @Transactional
  public void set(UUID person, String address, String model, String name, String key) {
    URI at = checked(address);
    if (key != null && !key.isBlank() && !seal.works()) {
      throw new Refused(
          HttpStatus.CONFLICT,
          "A key can only be kept sealed, and this server has no secret to seal it with. Whoever"
              + " runs it can set one: PERGAMENA_SECRET.");
    }
    AssistantRow before = entities.find(AssistantRow.class, person);
    AssistantRow row = before == null ? new AssistantRow(person) : before;
    boolean elsewhere = row.address != null && !host(URI.create(row.address)).equals(host(at));
    row.address = at.toString();
    row.model = model.strip();
    row.name = name.strip();
    if (key != null) {
      row.sealedKey = key.isBlank() ? null : seal.seal(key.strip());
    } else if (elsewhere) {
      row.sealedKey = null;
    }
    if (before == null) {
      entities.persist(row);
    }
  }

  /** Asks nobody any more. */
  @Transactional
  public void unset(UUID person) {
    AssistantRow row = entities.find(AssistantRow.class, person);
    if (row != null) {
      entities.remove(row);
    }
  }

  /**
   * The assistant that a person has set.
   *
   * @throws Refused if none is, or its key cannot be read any more
   */
  @Transactional(readOnly = true)
  public Assistant of(UUID person) {
    AssistantRow row = entities.find(AssistantRow.class, person);
    if (row == null) {
      throw new Refused(HttpStatus.CONFLICT, "No assistant is set. Set one first.");
    }
    URI at = checked(row.address);
    String key =
        row.sealedKey == null
            ? ""
            : seal.open(row.sealedKey)
                .orElseThrow(
                    () ->
                        new Refused(
                            HttpStatus.CONFLICT,
                            "The key of the assistant cannot be read any more, as the secret of"
                                + " this server is another. Enter the key again."));
    return new Assistant(at, row.model, row.name, key, allowed.contains(host(at)));
  }

  private static String host(URI uri) {
    return uri.getHost() + ":" + uri.getPort();
  }

  private URI checked(String address) {
    URI uri;
    try {
      uri = new URI(address.strip().replaceAll("/+$", ""));
    } catch (URISyntaxException e) {
      throw refused("This is no web address. One begins with https://");
    }
    String scheme = uri.getScheme() == null ? "" : uri.getScheme().toLowerCase(Locale.ROOT);
    if (uri.getHost() == null || !scheme.equals("https") && !scheme.equals("http")) {
      throw refused("This is no web address. One begins with https://");
    }
    if (uri.getUserInfo() != null || uri.getRawQuery() != null || uri.getRawFragment() != null) {
      throw refused("The address has more than a host and a path. Take the rest out.");
    }
    if (scheme.equals("http") && !allowed.contains(host(uri))) {
      throw refused(
          "An assistant is asked by https://, so that nobody reads along. One on this machine or in"
              + " a private network has to be allowed by whoever runs this server:"
              + " PERGAMENA_ASSISTANT_HOSTS="
              + uri.getHost()
              + ":"
              + (uri.getPort() < 0 ? 80 : uri.getPort()));
    }
    return uri;
  }

  private static Refused refused(String sentence) {
    return new Refused(HttpStatus.UNPROCESSABLE_CONTENT, sentence);
  }
}
