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
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** Takes the visitor from the signed cookie. */
class VisitorFilter extends OncePerRequestFilter {
  static final String COOKIE = "pergamena-visitor";

  private final Visitors visitors;

  VisitorFilter(Visitors visitors) {
    this.visitors = visitors;
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
      visitor(request)
          .ifPresent(
              id ->
                  SecurityContextHolder.getContext()
                      .setAuthentication(
                          UsernamePasswordAuthenticationToken.authenticated(id, null, List.of())));
    }
    chain.doFilter(request, response);
  }

  private Optional<UUID> visitor(HttpServletRequest request) {
    if (request.getCookies() != null) {
      for (Cookie cookie : request.getCookies()) {
        if (cookie.getName().equals(COOKIE)) {
          return visitors.verified(cookie.getValue());
        }
      }
    }
    return Optional.empty();
  }
}
