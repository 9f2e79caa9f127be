package org.pergamena.server.visitors;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.pergamena.server.sessions.SessionCookie;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.CsrfTokenRepository;

/**
 * The token that shows that a request comes from the page itself, in a cookie that the page reads.
 * By TLS the cookie's name binds it to this host.
 */
class PageToken implements CsrfTokenRepository {
  private static final String NAME = "XSRF-TOKEN";

  private final CsrfTokenRepository plain = named(NAME);
  private final CsrfTokenRepository secure = named(SessionCookie.HOST_ONLY + NAME);

  private static CsrfTokenRepository named(String name) {
    CookieCsrfTokenRepository repository = CookieCsrfTokenRepository.withHttpOnlyFalse();
    repository.setCookieName(name);
    repository.setCookieCustomizer(cookie -> cookie.sameSite("Lax"));
    return repository;
  }

  private CsrfTokenRepository of(HttpServletRequest request) {
    return request.isSecure() ? secure : plain;
  }

  @Override
  public CsrfToken generateToken(HttpServletRequest request) {
    return of(request).generateToken(request);
  }

  @Override
  public void saveToken(CsrfToken token, HttpServletRequest request, HttpServletResponse response) {
    of(request).saveToken(token, request, response);
  }

  @Override
  public CsrfToken loadToken(HttpServletRequest request) {
    return of(request).loadToken(request);
  }
}
