package org.pergamena.server.maps;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.UUID;
import org.pergamena.server.site.Refused;
import org.pergamena.server.site.SecurityLog;
import org.pergamena.server.site.SecurityLog.Event;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Asks for the rights of every route of a map before it runs: to read for what only reads, to edit
 * for the rest, or what the route {@linkplain Requires requires}.
 */
@Configuration
class AccessGate implements WebMvcConfigurer, HandlerInterceptor {
  private final Access access;
  private final SecurityLog log;

  AccessGate(Access access, SecurityLog log) {
    this.access = access;
    this.log = log;
  }

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry.addInterceptor(this).addPathPatterns("/api/maps/*/**", "/api/maps/*");
  }

  @Override
  public boolean preHandle(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    if (handler instanceof HandlerMethod method) {
      try {
        access.require(person(), map(request), role(request, method));
      } catch (Refused e) {
        log.note(Event.NOT_THEIRS, person(), request.getRemoteAddr());
        throw e;
      }
    }
    return true;
  }

  private static UUID person() {
    Authentication who = SecurityContextHolder.getContext().getAuthentication();
    if (who != null && who.getPrincipal() instanceof UUID person) {
      return person;
    }
    throw Refused.notFound("This map");
  }

  private static UUID map(HttpServletRequest request) {
    Object variables = request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE);
    try {
      return UUID.fromString((String) ((Map<?, ?>) variables).get("map"));
    } catch (IllegalArgumentException e) {
      throw Refused.notFound("This map");
    }
  }

  private static Role role(HttpServletRequest request, HandlerMethod method) {
    Requires requires = method.getMethodAnnotation(Requires.class);
    if (requires != null) {
      return requires.value();
    }
    return request.getMethod().equals("GET") || request.getMethod().equals("HEAD")
        ? Role.READ
        : Role.EDIT;
  }
}
