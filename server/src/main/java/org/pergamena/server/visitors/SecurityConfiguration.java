package org.pergamena.server.visitors;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.pergamena.server.sessions.Sessions;
import org.pergamena.server.sessions.SignedCookie;
import org.pergamena.server.site.SecurityLog;
import org.pergamena.server.site.SecurityLog.Event;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.MediaType;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.firewall.HttpFirewall;
import org.springframework.security.web.firewall.StrictHttpFirewall;
import org.springframework.security.web.header.writers.CrossOriginOpenerPolicyHeaderWriter.CrossOriginOpenerPolicy;
import org.springframework.security.web.header.writers.CrossOriginResourcePolicyHeaderWriter.CrossOriginResourcePolicy;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/** What protects requests: who may do what, forged requests, what a page may load. */
@Configuration
class SecurityConfiguration {
  private static final String CONTENT =
      "default-src 'none'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:"
          + " blob:; font-src 'self'; media-src 'self'; connect-src 'self'; form-action 'self';"
          + " base-uri 'none'; frame-ancestors 'none'";

  private static final String UNKNOWN =
      "The server does not know this page any more. Reload it; your maps are still there.";

  /** Of all memory, what files that come in may take: one of so many parts. */
  private static final int SHARE_FOR_FILES = 3;

  @Bean
  SecurityFilterChain security(
      HttpSecurity http,
      Sessions sessions,
      SignedCookie signed,
      Arrivals arrivals,
      SecurityLog log,
      @Value("${pergamena.limits.newcomers}") int newcomers,
      @Value("${pergamena.limits.requests}") int requests,
      @Value("${pergamena.limits.strangers}") int strangers)
      throws Exception {
    long memory = Runtime.getRuntime().maxMemory() / SHARE_FOR_FILES;
    return http.csrf(csrf -> csrf.spa().csrfTokenRepository(new PageToken()))
        .sessionManagement(s -> s.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
        .addFilterBefore(
            new VisitorFilter(sessions, signed, arrivals, log, newcomers),
            AuthorizationFilter.class)
        .addFilterBefore(new SameOrigin(log), VisitorFilter.class)
        .addFilterAfter(new Throttle(requests, strangers, memory, log), VisitorFilter.class)
        .authorizeHttpRequests(
            asked ->
                asked
                    .requestMatchers(
                        VisitorFilter.SESSION, VisitorFilter.SESSION + "/**", "/api/openapi")
                    .permitAll()
                    .requestMatchers("/api/**")
                    .authenticated()
                    .anyRequest()
                    .permitAll())
        .exceptionHandling(
            e ->
                e.authenticationEntryPoint(
                        (request, response, error) -> refuse(response, 401, UNKNOWN))
                    .accessDeniedHandler(
                        (request, response, error) -> {
                          log.note(Event.FORGERY_REFUSED, null, request.getRemoteAddr());
                          refuse(response, 403, UNKNOWN);
                        }))
        .headers(
            headers ->
                headers
                    .contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT))
                    .crossOriginOpenerPolicy(
                        policy -> policy.policy(CrossOriginOpenerPolicy.SAME_ORIGIN))
                    .crossOriginResourcePolicy(
                        policy -> policy.policy(CrossOriginResourcePolicy.SAME_ORIGIN))
                    .referrerPolicy(policy -> policy.policy(ReferrerPolicy.SAME_ORIGIN))
                    .permissionsPolicyHeader(
                        policy -> policy.policy("camera=(), microphone=(), geolocation=()")))
        .requestCache(cache -> cache.disable())
        .anonymous(anonymous -> {})
        .build();
  }

  /**
   * A problem detail (RFC 9457) for a request that is refused before it comes to a controller.
   *
   * @param sentence without quotes
   */
  static void refuse(HttpServletResponse response, int status, String sentence) throws IOException {
    response.setStatus(status);
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    response.setCharacterEncoding("UTF-8");
    response.getWriter().write("{\"status\":" + status + ",\"detail\":\"" + sentence + "\"}");
  }

  /**
   * Answers only under the names that this server has: a page of another name that was made to lead
   * here (DNS rebinding) is refused.
   */
  @Bean
  HttpFirewall firewall(@Value("${pergamena.hosts}") Set<String> hosts) {
    StrictHttpFirewall firewall = new StrictHttpFirewall();
    firewall.setAllowedHostnames(hosts::contains);
    return firewall;
  }

  /** There are no passwords; this keeps one from being made up at start. */
  @Bean
  UserDetailsService nobody() {
    return name -> {
      throw new UsernameNotFoundException(name);
    };
  }
}
