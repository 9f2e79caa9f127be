package org.pergamena.server.fetch;

import java.io.IOException;
import java.io.InputStream;
import java.io.InterruptedIOException;
import java.net.URI;
import java.net.URISyntaxException;
import java.net.UnknownHostException;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import java.util.stream.Collectors;
import org.apache.hc.client5.http.classic.methods.HttpGet;
import org.apache.hc.core5.http.ClassicHttpResponse;
import org.apache.hc.core5.http.Header;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Fetches from public addresses by HTTP (RFC 9110), only from ports 80 and 443, with limits of
 * size, time and redirects. Names are resolved once, and it is those addresses that are connected
 * to, so that a name cannot change its meaning in between.
 */
@Component
public class PublicWeb {
  private static final int MOST_REDIRECTS = 5;
  private static final Set<Integer> PORTS = Set.of(-1, 80, 443);
  private static final int PATIENCE_SECONDS = 8;

  /** Hosts with ports that are fetched from although they are not public. */
  private final Set<String> allowed;

  private final int seconds;
  private final int megabytes;

  @Autowired
  PublicWeb(
      ObjectProvider<LocalWeb> local,
      @Value("${pergamena.fetch.seconds:30}") int seconds,
      @Value("${pergamena.fetch.megabytes:32}") int megabytes) {
    this(
        local.stream().flatMap(web -> web.hosts().stream()).collect(Collectors.toSet()),
        seconds,
        megabytes);
  }

  PublicWeb(Set<String> allowed, int seconds, int megabytes) {
    this.allowed = Set.copyOf(allowed);
    this.seconds = seconds;
    this.megabytes = megabytes;
  }

  /**
   * Fetches what an address leads to.
   *
   * @param cancelled is asked now and then whether to give up
   * @throws FetchException with a sentence for the person if it is refused or does not work
   */
  public Fetched fetch(String address, BooleanSupplier cancelled) throws FetchException {
    URI at = checked(address);
    long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(seconds);
    for (int redirect = 0; redirect <= MOST_REDIRECTS; redirect++) {
      Object found = once(at, end, cancelled);
      if (found instanceof Fetched fetched) {
        return fetched;
      }
      at = checked(at.resolve((URI) found).toString());
    }
    throw new FetchException(
        "The address leads on to others more than "
            + MOST_REDIRECTS
            + " times. Open it in a browser and paste where you arrive.");
  }

  /** The address without its fragment, if it may be fetched at all. */
  private URI checked(String address) throws FetchException {
    URI uri;
    try {
      String given = address.strip();
      String whole = given.matches("[\\w-]+(\\.[\\w-]+)+(/\\S*)?") ? "https://" + given : given;
      uri = new URI(whole.replaceFirst("#.*", ""));
      if (uri.getScheme() == null) {
        throw new URISyntaxException(given, "no scheme");
      }
    } catch (URISyntaxException e) {
      throw new FetchException("This is no web address. One begins with https://", e);
    }
    String scheme = uri.getScheme().toLowerCase(Locale.ROOT);
    if (!scheme.equals("http") && !scheme.equals("https") || uri.getHost() == null) {
      throw new FetchException(
          "Only addresses that begin with http:// or https:// are fetched, not " + scheme + ":");
    }
    if (uri.getUserInfo() != null) {
      throw new FetchException("The address has a name or password in it. Take them out.");
    }
    if (!isAllowed(uri) && !PORTS.contains(uri.getPort())) {
      throw new FetchException(
          "The address names port "
              + uri.getPort()
              + "; only the usual ports of the web, 80 and 443, are fetched from.");
    }
    return uri;
  }

  private boolean isAllowed(URI uri) {
    return allowed.contains(uri.getHost() + ":" + uri.getPort());
  }

  private Object once(URI at, long end, BooleanSupplier cancelled) throws FetchException {
    HttpGet get = new HttpGet(at);
    get.setHeader("Accept", "text/html,application/xhtml+xml,text/vtt,*/*;q=0.5");
    get.setHeader("User-Agent", "Pergamena/0.1");
    int left = (int) Math.max(1, TimeUnit.NANOSECONDS.toSeconds(end - System.nanoTime()));
    Exchange.Bounds bounds =
        new Exchange.Bounds(
            isAllowed(at),
            Math.min(seconds, PATIENCE_SECONDS),
            Math.min(seconds, 2 * PATIENCE_SECONDS),
            left,
            megabytes * 1024L * 1024);
    try {
      return new Exchange(get, bounds, cancelled)
          .run((response, body) -> answer(at, response, body));
    } catch (Exchange.TooLongException e) {
      throw new FetchException(
          "The answer is larger than "
              + megabytes
              + " MB. Download it in a browser and add the part that you need.",
          e);
    } catch (RefusedAnswer e) {
      throw new FetchException(e.getMessage(), e);
    } catch (PublicAddresses.NotPublicException e) {
      throw new FetchException(
          at.getHost()
              + " is an address of this machine or of a private network. Only public addresses"
              + " are fetched.",
          e);
    } catch (UnknownHostException e) {
      throw new FetchException(
          "There is no host " + at.getHost() + ", or no network. Check the address.", e);
    } catch (IOException e) {
      String sentence =
          e instanceof InterruptedIOException || e instanceof Exchange.OverException
              ? " does not answer within " + seconds + " seconds. Try again later."
              : " could not be reached. Check the address, or try again later.";
      throw new FetchException(at.getHost() + sentence, e);
    }
  }

  /** What came, or where it leads on to. */
  private static Object answer(URI at, ClassicHttpResponse response, InputStream body)
      throws IOException {
    int status = response.getCode();
    Header location = response.getFirstHeader("Location");
    if (status >= 300 && status < 400 && location != null) {
      try {
        return new URI(location.getValue().strip().replace(" ", "%20"));
      } catch (URISyntaxException e) {
        throw new RefusedAnswer("The address leads on to one that is no address.");
      }
    }
    if (status != 200) {
      throw new RefusedAnswer(
          at.getHost()
              + " answers with "
              + status
              + (status == 404 ? ": there is no such page. " : ". ")
              + "Check the address in a browser.");
    }
    Header packed = response.getFirstHeader("Content-Encoding");
    if (packed != null && !packed.getValue().strip().equalsIgnoreCase("identity")) {
      throw new RefusedAnswer(
          at.getHost()
              + " sends it packed, which was not asked for. Download it in a browser and add the"
              + " file.");
    }
    byte[] bytes = body.readAllBytes();
    Header type = response.getFirstHeader("Content-Type");
    String media =
        type == null ? "" : type.getValue().split(";")[0].strip().toLowerCase(Locale.ROOT);
    return new Fetched(at, media, bytes);
  }

  private static final class RefusedAnswer extends IOException {
    private static final long serialVersionUID = 1L;

    RefusedAnswer(String sentence) {
      super(sentence);
    }
  }
}
