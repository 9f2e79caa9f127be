package org.pergamena.server.catalogue;

import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.Optional;
import org.pergamena.formats.catalogue.CatalogueQuery;
import org.pergamena.formats.catalogue.SruAnswer;
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
  private final HttpClient http;

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
    this.http = HttpClient.newBuilder().connectTimeout(patience).build();
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
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(query.address(address, schema, from, PAGE)))
            .timeout(patience)
            .header("Accept", "application/sru+xml, application/xml, text/xml")
            .build();
    try {
      HttpResponse<InputStream> response =
          http.send(request, HttpResponse.BodyHandlers.ofInputStream());
      try (InputStream body = response.body()) {
        if (response.statusCode() != 200) {
          throw trouble("The catalogue answered with " + response.statusCode() + ".", null);
        }
        byte[] bytes = body.readNBytes(MOST_BYTES + 1);
        if (bytes.length > MOST_BYTES) {
          throw trouble("The catalogue's answer is longer than 4 MB.", null);
        }
        return SruAnswer.read(bytes);
      }
    } catch (IOException e) {
      throw trouble(
          "The catalogue "
              + name
              + " is not reached, or does not answer in "
              + patience.toSeconds()
              + " seconds.",
          e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw trouble("The question to the catalogue was broken off.", e);
    }
  }

  private static Refused trouble(String sentence, Exception cause) {
    Refused refused =
        new Refused(HttpStatus.BAD_GATEWAY, sentence + " Try again, or add the work by hand.");
    refused.initCause(cause);
    return refused;
  }
}
