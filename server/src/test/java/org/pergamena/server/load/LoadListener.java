package org.pergamena.server.load;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.UUID;
import java.util.concurrent.Flow;
import java.util.function.LongConsumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.pergamena.server.testing.TestVisitor;

/** A page that is open and hears what is new about its map. */
final class LoadListener implements Flow.Subscriber<String> {
  private static final Pattern REVISION = Pattern.compile("\"revision\":(\\d+)");

  private final LongConsumer heard;
  private volatile Flow.Subscription subscription;
  private volatile boolean open;

  private LoadListener(LongConsumer heard) {
    this.heard = heard;
  }

  /**
   * Opens a page.
   *
   * @param heard is told each revision that the page hears of
   */
  static LoadListener open(HttpClient client, TestVisitor visitor, UUID map, LongConsumer heard) {
    LoadListener listener = new LoadListener(heard);
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(visitor.address() + "/api/maps/" + map + "/news"))
            .header("Cookie", "pergamena-session=" + visitor.cookie("pergamena-session"))
            .build();
    client.sendAsync(request, BodyHandlers.fromLineSubscriber(listener));
    return listener;
  }

  /** Whether it has heard anything. */
  boolean hears() {
    return open;
  }

  void close() {
    if (subscription != null) {
      subscription.cancel();
    }
  }

  @Override
  public void onSubscribe(Flow.Subscription subscription) {
    this.subscription = subscription;
    subscription.request(Long.MAX_VALUE);
  }

  @Override
  public void onNext(String line) {
    Matcher revision = REVISION.matcher(line);
    if (revision.find()) {
      open = true;
      heard.accept(Long.parseLong(revision.group(1)));
    }
  }

  @Override
  public void onError(Throwable error) {
    open = false;
  }

  @Override
  public void onComplete() {
    open = false;
  }
}
