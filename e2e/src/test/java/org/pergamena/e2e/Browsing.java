package org.pergamena.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ForcedColors;
import com.microsoft.playwright.options.ReducedMotion;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.extension.AfterEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;

/**
 * Gives each test a newcomer's desk in headless Chromium, on one running application. Each thread
 * of tests has a browser of its own.
 */
final class Browsing implements ParameterResolver, AfterEachCallback {
  /** Waiting ends when what is awaited comes; this is when hope is given up. */
  private static final double PATIENCE_MS = Integer.getInteger("patience.seconds", 150) * 1000.0;

  private static final ExtensionContext.Namespace SPACE =
      ExtensionContext.Namespace.create(Browsing.class);

  private record Chromium(Playwright playwright, Browser browser) implements AutoCloseable {
    static Chromium start() {
      Playwright playwright =
          Playwright.create(
              new Playwright.CreateOptions()
                  .setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
      Browser browser =
          playwright
              .chromium()
              .launch(
                  new BrowserType.LaunchOptions()
                      .setExecutablePath(Path.of("/usr/bin/chromium"))
                      .setArgs(
                          List.of(
                              "--no-sandbox",
                              "--disable-gpu",
                              "--disable-quic",
                              "--no-first-run",
                              "--disable-background-networking",
                              "--disable-component-update",
                              "--disable-sync")));
      return new Chromium(playwright, browser);
    }

    @Override
    public void close() {
      browser.close();
      playwright.close();
    }
  }

  @Override
  public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
    Class<?> type = parameter.getParameter().getType();
    return type == DeskPage.class || type == ServedApplication.class;
  }

  @Override
  public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
    ExtensionContext.Store shared = context.getRoot().getStore(SPACE);
    ServedApplication application =
        shared.getOrComputeIfAbsent(
            "application", key -> new ServedApplication(), ServedApplication.class);
    if (parameter.getParameter().getType() == ServedApplication.class) {
      return application;
    }
    BrowserContext visitor =
        shared
            .getOrComputeIfAbsent(
                Thread.currentThread(), thread -> Chromium.start(), Chromium.class)
            .browser()
            .newContext(options(parameter.findAnnotation(Window.class)));
    visitor.setDefaultTimeout(PATIENCE_MS);
    PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
    Page page = visitor.newPage();
    List<String> troubles = new ArrayList<>();
    page.onPageError(troubles::add);
    page.onRequest(
        request -> {
          if (!request.url().startsWith(application.address())
              && !request.url().startsWith("blob:")
              && !request.url().startsWith("data:")) {
            troubles.add("a request to another host: " + request.url());
          }
        });
    context.getStore(SPACE).put("visitor" + System.identityHashCode(visitor), visitor);
    context.getStore(SPACE).put("troubles", troubles);
    return new DeskPage(page, application.address());
  }

  private static Browser.NewContextOptions options(Optional<Window> window) {
    Browser.NewContextOptions usual =
        new Browser.NewContextOptions()
            .setViewportSize(1280, 800)
            .setServiceWorkers(ServiceWorkerPolicy.BLOCK)
            .setAcceptDownloads(true)
            .setReducedMotion(ReducedMotion.REDUCE);
    return window
        .map(
            other ->
                usual
                    .setViewportSize(other.width(), other.height())
                    .setHasTouch(other.touched())
                    .setForcedColors(other.forced() ? ForcedColors.ACTIVE : ForcedColors.NONE)
                    .setServiceWorkers(
                        other.kept() ? ServiceWorkerPolicy.ALLOW : ServiceWorkerPolicy.BLOCK))
        .orElse(usual);
  }

  @Override
  @SuppressWarnings("unchecked")
  public void afterEach(ExtensionContext context) {
    List<String> troubles = context.getStore(SPACE).get("troubles", List.class);
    if (troubles != null && !troubles.isEmpty() && context.getExecutionException().isEmpty()) {
      throw new AssertionError("the page had troubles: " + troubles);
    }
  }
}
