package org.pergamena.server.visitors;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Set;
import org.pergamena.server.site.SecurityLog;
import org.pergamena.server.site.SecurityLog.Event;
import org.springframework.http.HttpHeaders;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Lets changes come from the page itself alone, by what the browser says of where they come from
 * (Fetch Metadata, else {@code Origin}); what says neither is no browser. Beside the page's token.
 */
final class SameOrigin extends OncePerRequestFilter {
  private static final Set<String> LOOKING = Set.of("GET", "HEAD", "OPTIONS");
  private static final Set<String> OWN = Set.of("same-origin", "none");

  private final SecurityLog log;

  SameOrigin(SecurityLog log) {
    this.log = log;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (LOOKING.contains(request.getMethod()) || own(request)) {
      chain.doFilter(request, response);
      return;
    }
    log.note(Event.FORGERY_REFUSED, null, request.getRemoteAddr());
    SecurityConfiguration.refuse(
        response, 403, "This came from another page. Open Pergamena itself and do it there.");
  }

  private static boolean own(HttpServletRequest request) {
    String site = request.getHeader("Sec-Fetch-Site");
    if (site != null) {
      return OWN.contains(site);
    }
    String origin = request.getHeader(HttpHeaders.ORIGIN);
    if (origin == null) {
      return true;
    }
    try {
      URI uri = URI.create(origin);
      return request.getServerName().equalsIgnoreCase(uri.getHost())
          && port(uri.getScheme(), uri.getPort())
              == port(request.getScheme(), request.getServerPort());
    } catch (IllegalArgumentException e) {
      return false;
    }
  }

  private static int port(String scheme, int port) {
    return port >= 0 ? port : "https".equals(scheme) ? 443 : 80;
  }
}
