package org.pergamena.server.site;

import io.swagger.v3.oas.models.media.Schema;
import java.time.Duration;
import java.util.Collection;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.pergamena.formats.picture.Drawing;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Serves the page, its assets for long, and the description of the API. */
@Configuration
class SiteConfiguration implements WebMvcConfigurer {
  @Override
  public void addResourceHandlers(ResourceHandlerRegistry registry) {
    registry
        .addResourceHandler("/assets/**")
        .addResourceLocations("classpath:/static/assets/")
        .setCacheControl(CacheControl.maxAge(365, TimeUnit.DAYS).cachePublic().immutable());
  }

  @Override
  public void addViewControllers(ViewControllerRegistry registry) {
    registry.addViewController("/").setViewName("forward:/index.html");
    registry.addViewController("/maps/**").setViewName("forward:/index.html");
  }

  /** No request keeps a thread by sending next to nothing. */
  @Bean
  WebServerFactoryCustomizer<TomcatServletWebServerFactory> slowBodies(
      @Value("${pergamena.limits.body.grace}") Duration grace,
      @Value("${pergamena.limits.body.rest}") Duration rest,
      @Value("${pergamena.limits.body.bytes-a-second}") int bytesASecond,
      @Value("${pergamena.limits.body.at-once}") int atOnce) {
    return server -> server.addEngineValves(new SlowBodies(grace, rest, bytesASecond, atOnce));
  }

  /** The one way to a scene, for the page and for every picture. */
  @Bean
  Drawing drawing() {
    return new Drawing();
  }

  /** Every property is always there; one that may be null says so in its type. */
  @Bean
  OpenApiCustomizer everythingRequired() {
    return api -> requireIn(api.getComponents().getSchemas().values());
  }

  private static void requireIn(Collection<?> schemas) {
    for (Object each : schemas) {
      Schema<?> schema = (Schema<?>) each;
      if (schema.getProperties() != null) {
        schema.setRequired(List.copyOf(schema.getProperties().keySet()));
      }
      if (schema.getAllOf() != null) {
        requireIn(schema.getAllOf());
      }
    }
  }
}
