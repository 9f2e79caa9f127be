package org.pergamena.server.catalogue;

import java.io.IOException;
import java.net.URI;
import java.time.Duration;
import java.util.Optional;
import org.apache.hc.client5.http.classic.methods.HttpGet;
import org.pergamena.formats.catalogue.CatalogueQuery;
import org.pergamena.formats.catalogue.SruAnswer;
import org.pergamena.server.fetch.Exchange;
import org.pergamena.server.site.Refused;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Asks a library catalogue by SRU; which one is a setting, in the demonstration one that ships. */
@Service
class Catalogue {
  private static final int MOST_BYTES = 4_000_000;
  private static final int PAGE = 20;

  private final String address;
  private final String name;
  private final Duration patience;

  Catalogue(
      @Value("${pergamena.catalogue.address}") String set,
      @Value("${pergamena.catalogue.patience}") Duration patience,
      Optional<CatalogueAddress> shipped) {
    this.address = set.isBlank() ? shipped.map(CatalogueAddress::address).orElse("") : set;
    this.name =
        set.isBlank()
            ? shipped.map(CatalogueAddress::name).orElse("")
            : URI.create(set.strip()).getHost();
    this.patience = patience;
  }

  /** What the catalogue is called. */
  String name() {
    return name;
  }

  /**
   * Finds works.
   *
   * @param from the first of them, from 1
   * @throws Refused with a sentence for the person
   */
  SruAnswer find(CatalogueQuery query, int from) {
    if (address.isBlank()) {
      throw new Refused(
          HttpStatus.UNPROCESSABLE_CONTENT,
          "No catalogue is set. Whoever runs this server can set the address of one that answers"
              + " SRU: PERGAMENA_CATALOGUE.");
    }
    if (query.isEmpty()) {
      throw new Refused(HttpStatus.BAD_REQUEST, "Say what is sought: a title or an author.");
    }
    try {
      return ask(query, from, "marcxml");
    } catch (SruAnswer.UnclearException e) {
      try {
        return ask(query, from, "dc"); // some know only Dublin Core
      } catch (SruAnswer.UnclearException both) {
        throw trouble(both.getMessage(), both);
      }
    }
  }

  private SruAnswer ask(CatalogueQuery query, int from, String schema)
      throws SruAnswer.UnclearException {
    HttpGet request = new HttpGet(query.address(address, schema, from, PAGE));
    request.setHeader("Accept", "application/sru+xml, application/xml, text/xml");
    int seconds = (int) Math.max(1, patience.toSeconds());
    Exchange.Bounds bounds = new Exchange.Bounds(true, seconds, seconds, seconds, MOST_BYTES);
    byte[] bytes;
    try {
      bytes =
          new Exchange(request, bounds, () -> false)
              .run(
                  (response, body) -> {
                    if (response.getCode() != 200) {
                      throw trouble(
                          "The catalogue answered with " + response.getCode() + ".", null);
                    }
                    return body.readAllBytes();
                  });
    } catch (Exchange.TooLongException e) {
      throw trouble("The catalogue's answer is longer than 4 MB.", e);
    } catch (IOException e) {
      throw trouble(
          "The catalogue "
              + name
              + " is not reached, or does not answer in "
              + patience.toSeconds()
              + " seconds.",
          e);
    }
    return SruAnswer.read(bytes);
  }

  private static Refused trouble(String sentence, Exception cause) {
    Refused refused =
        new Refused(HttpStatus.BAD_GATEWAY, sentence + " Try again, or add the work by hand.");
    refused.initCause(cause);
    return refused;
  }
}
