package org.pergamena.server.testing;

import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.pergamena.server.PergamenaServer;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/** Runs the real application once for all tests, with the demonstration, on a real database. */
public final class TestApplication implements BeforeAllCallback, ParameterResolver {
  private static final ExtensionContext.Namespace SPACE =
      ExtensionContext.Namespace.create(TestApplication.class);

  private record Running(LocalPostgres database, ConfigurableApplicationContext application)
      implements AutoCloseable {
    static Running start() {
      LocalPostgres database = LocalPostgres.start();
      SpringApplication application = new SpringApplication(PergamenaServer.class);
      Map<String, Object> settings = new HashMap<>(database.environment());
      settings.put("PERGAMENA_PORT", "0");
      settings.put("PERGAMENA_DEMO", "true");
      settings.put("PERGAMENA_CATALOGUE_PATIENCE", "3s");
      settings.put("PERGAMENA_MOST_REQUESTS", "1000000");
      settings.put("PERGAMENA_MOST_STRANGERS", "1000000");
      settings.put("PERGAMENA_MOST_NEWCOMERS", "1000000");
      settings.put("PERGAMENA_PROXY", "127\\.0\\.0\\.1");
      settings.put("spring.jpa.properties.hibernate.generate_statistics", "true");
      settings.put("logging.level.org.pergamena.security", "error");
      settings.put("logging.level.org.hibernate.engine.internal", "error");
      settings.put("logging.level.org.hibernate.session.metrics", "error");
      settings.put("PERGAMENA_DEMO_FOLDER", Repository.root().resolve("demo").toString());
      application.setDefaultProperties(settings);
      return new Running(database, application.run());
    }

    @Override
    public void close() {
      application.close();
      database.close();
    }
  }

  @Override
  public void beforeAll(ExtensionContext context) {
    running(context);
  }

  @Override
  public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
    Class<?> type = parameter.getParameter().getType();
    return type == TestVisitor.class || type == ApplicationContext.class;
  }

  @Override
  public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
    if (parameter.getParameter().getType() == ApplicationContext.class) {
      return running(context).application();
    }
    String port = running(context).application().getEnvironment().getProperty("local.server.port");
    return new TestVisitor("http://127.0.0.1:" + port);
  }

  private static Running running(ExtensionContext context) {
    return context
        .getRoot()
        .getStore(SPACE)
        .getOrComputeIfAbsent("running", key -> Running.start(), Running.class);
  }
}
