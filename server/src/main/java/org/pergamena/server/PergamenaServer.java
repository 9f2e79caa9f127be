package org.pergamena.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** The application: API, jobs and the page. */
@SpringBootApplication
public class PergamenaServer {
  /** Starts it; settings come from the environment, see {@code application.yaml}. */
  public static void main(String[] arguments) {
    System.setProperty("java.awt.headless", "true");
    SpringApplication.run(PergamenaServer.class, arguments);
  }
}
