package org.pergamena.server.visitors;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.authentication.HttpStatusEntryPoint;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/** What protects requests: who may do what, forged requests, what a page may load. */
@Configuration
class SecurityConfiguration {
  private static final String CONTENT =
      "default-src 'none'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:"
          + " blob:; font-src 'self'; media-src 'self'; connect-src 'self'; form-action 'self';"
          + " base-uri 'none'; frame-ancestors 'none'";

  @Bean
  SecurityFilterChain security(HttpSecurity http, Visitors visitors) throws Exception {
    return http.csrf(csrf -> csrf.spa())
        .sessionManagement(s -> s.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
        .addFilterBefore(new VisitorFilter(visitors), AuthorizationFilter.class)
        .authorizeHttpRequests(
            requests ->
                requests
                    .requestMatchers("/api/session", "/api/openapi")
                    .permitAll()
                    .requestMatchers("/api/**")
                    .authenticated()
                    .anyRequest()
                    .permitAll())
        .exceptionHandling(
            e -> e.authenticationEntryPoint(new HttpStatusEntryPoint(HttpStatus.UNAUTHORIZED)))
        .headers(
            headers ->
                headers
                    .contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT))
                    .referrerPolicy(policy -> policy.policy(ReferrerPolicy.SAME_ORIGIN))
                    .permissionsPolicyHeader(
                        policy -> policy.policy("camera=(), microphone=(), geolocation=()")))
        .requestCache(cache -> cache.disable())
        .anonymous(anonymous -> {})
        .build();
  }

  /** There are no passwords; this keeps one from being made up at start. */
  @Bean
  UserDetailsService nobody() {
    return name -> {
      throw new UsernameNotFoundException(name);
    };
  }
}
