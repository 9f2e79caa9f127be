package org.pergamena.server.sessions;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;

/**
 * The cookie that holds a session's token. Where requests come by TLS its name binds it to this
 * very host and to TLS (prefix {@code __Host-} of RFC 6265bis).
 */
public final class SessionCookie {
  /** What a name begins with that a browser takes for this host by TLS alone. */
  public static final String HOST_ONLY = "__Host-";

  private static final String NAME = "pergamena-session";
  private static final Duration AGE = Duration.ofDays(365);

  private SessionCookie() {}

  /** The token that a request carries. */
  public static Optional<String> of(HttpServletRequest request) {
    return value(request, name(request));
  }

  static Optional<String> value(HttpServletRequest request, String name) {
    if (request.getCookies() != null) {
      for (Cookie cookie : request.getCookies()) {
        if (cookie.getName().equals(name)) {
          return Optional.of(cookie.getValue());
        }
      }
    }
    return Optional.empty();
  }

  /** Gives a browser its token. */
  static void give(String token, HttpServletRequest request, HttpServletResponse response) {
    set(name(request), token, AGE, request, response);
  }

  /** Makes a browser forget its token. */
  public static void take(HttpServletRequest request, HttpServletResponse response) {
    set(name(request), "", Duration.ZERO, request, response);
  }

  static void set(
      String name,
      String value,
      Duration age,
      HttpServletRequest request,
      HttpServletResponse response) {
    ResponseCookie cookie =
        ResponseCookie.from(name, value)
            .httpOnly(true)
            .secure(request.isSecure())
            .sameSite("Lax")
            .path("/")
            .maxAge(age)
            .build();
    response.addHeader(HttpHeaders.SET_COOKIE, cookie.toString());
  }

  private static String name(HttpServletRequest request) {
    return request.isSecure() ? HOST_ONLY + NAME : NAME;
  }
}
