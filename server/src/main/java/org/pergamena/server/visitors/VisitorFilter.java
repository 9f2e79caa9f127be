package org.pergamena.server.visitors;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.pergamena.server.site.Outage;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** Takes the visitor from the signed cookie. */
class VisitorFilter extends OncePerRequestFilter {
  private final Visitors visitors;
  private final Arrivals arrivals;

  VisitorFilter(Visitors visitors, Arrivals arrivals) {
    this.visitors = visitors;
    this.arrivals = arrivals;
  }

  @Override
  protected boolean shouldNotFilterAsyncDispatch() {
    return false;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (request.getRequestURI().startsWith("/api/")) {
      try {
        visitor(request).ifPresent(this::receive);
      } catch (RuntimeException e) {
        if (!Outage.is(e)) {
          throw e;
        }
        response.setHeader(HttpHeaders.RETRY_AFTER, "2");
        SecurityConfiguration.refuse(
            response, HttpStatus.SERVICE_UNAVAILABLE.value(), Outage.SENTENCE);
        return;
      }
    }
    chain.doFilter(request, response);
  }

  private void receive(UUID visitor) {
    arrivals.meet(visitor);
    SecurityContextHolder.getContext()
        .setAuthentication(
            UsernamePasswordAuthenticationToken.authenticated(visitor, null, List.of()));
  }

  private Optional<UUID> visitor(HttpServletRequest request) {
    if (request.getCookies() != null) {
      for (Cookie cookie : request.getCookies()) {
        if (cookie.getName().equals(Visitors.COOKIE)) {
          return visitors.verified(cookie.getValue());
        }
      }
    }
    return Optional.empty();
  }
}
