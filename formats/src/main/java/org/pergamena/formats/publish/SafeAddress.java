package org.pergamena.formats.publish;

import java.net.URI;
import java.net.URISyntaxException;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** Which addresses that somebody wrote become links, in whatever format. */
final class SafeAddress {
  private static final Set<String> SCHEMES = Set.of("http", "https", "mailto");

  private SafeAddress() {}

  /**
   * The address if it leads to the web or to somebody's mail, and is one; its words stay without.
   */
  static Optional<String> of(String address) {
    try {
      URI uri = new URI(address.strip().replace(" ", "%20"));
      String scheme = uri.getScheme() == null ? "" : uri.getScheme().toLowerCase(Locale.ROOT);
      boolean leads = scheme.equals("mailto") || uri.getHost() != null;
      return SCHEMES.contains(scheme) && leads
          ? Optional.of(uri.toASCIIString())
          : Optional.empty();
    } catch (URISyntaxException e) {
      return Optional.empty();
    }
  }
}
