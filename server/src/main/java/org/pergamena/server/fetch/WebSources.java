package org.pergamena.server.fetch;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import org.pergamena.formats.text.Decoding;
import org.pergamena.formats.web.WebPage;
import org.springframework.stereotype.Component;

/** Fetches what an address stands for: a page with all its parts, or the captions on it. */
@Component
public class WebSources {
  private static final int MOST_PAGES = 20;

  private final PublicWeb web;

  WebSources(PublicWeb web) {
    this.web = web;
  }

  /**
   * A file from the web.
   *
   * @param recording the sound or film that it is the transcript of, if there is one
   */
  public record WebFile(String name, byte[] bytes, Optional<Fetched> recording) {}

  /**
   * Fetches a file, the parts of an article joined to one page.
   *
   * @throws FetchException with a sentence for the person if it cannot be fetched
   */
  public WebFile fetch(String address, BooleanSupplier cancelled) throws FetchException {
    Fetched first = web.fetch(address, cancelled);
    String html = first.isPage() ? Decoding.text(first.bytes(), first.type()).orElse("") : "";
    if (html.isEmpty()) {
      return new WebFile(first.fileName(), first.bytes(), Optional.empty());
    }
    WebPage page = new WebPage(html, first.address().toString());
    Optional<String> captions = page.captions();
    if (captions.isPresent()) {
      return captioned(page, captions.get(), first, cancelled);
    }
    List<String> parts = parts(page, html, first, cancelled);
    byte[] bytes =
        parts.size() == 1 ? first.bytes() : WebPage.joined(parts).getBytes(StandardCharsets.UTF_8);
    return new WebFile(first.fileName(), bytes, Optional.empty());
  }

  /** Captions are the better source of what is said; the page's title names them. */
  private WebFile captioned(WebPage page, String captions, Fetched first, BooleanSupplier cancelled)
      throws FetchException {
    Fetched track = web.fetch(captions, cancelled);
    Optional<Fetched> recording = Optional.empty();
    if (page.recording().isPresent()) {
      recording = Optional.of(web.fetch(page.recording().get(), cancelled));
    }
    String name = page.title().isEmpty() ? first.fileName() : page.title().replace('/', ' ');
    String kind = track.fileName().replaceFirst("^.*(\\.[A-Za-z]{1,5})$", "$1");
    return new WebFile(name + (kind.startsWith(".") ? kind : ".vtt"), track.bytes(), recording);
  }

  private List<String> parts(WebPage first, String html, Fetched at, BooleanSupplier cancelled)
      throws FetchException {
    List<String> parts = new ArrayList<>(List.of(html));
    Set<String> seen = new HashSet<>(Set.of(at.address().toString()));
    Optional<String> next = first.next();
    while (next.isPresent() && parts.size() < MOST_PAGES && seen.add(next.get())) {
      Fetched part = web.fetch(next.get(), cancelled);
      String words = part.isPage() ? Decoding.text(part.bytes(), part.type()).orElse("") : "";
      if (words.isEmpty() || !part.address().getHost().equals(at.address().getHost())) {
        break;
      }
      parts.add(words);
      next = new WebPage(words, part.address().toString()).next();
    }
    return parts;
  }
}
