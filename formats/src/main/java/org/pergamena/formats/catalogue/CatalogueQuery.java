package org.pergamena.formats.catalogue;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.pergamena.core.reference.WorkType;

/**
 * What is sought in a catalogue; each may be empty, but not all.
 *
 * @param type null for any
 */
public record CatalogueQuery(
    String title, String author, String isbn, String subject, String language, WorkType type) {

  /** Whether nothing is sought. */
  public boolean isEmpty() {
    return cql().isEmpty();
  }

  /** As CQL 1.2 writes it, with the indexes of the context sets dc and bath. */
  public String cql() {
    Map<String, String> sought = new LinkedHashMap<>();
    sought.put("dc.title", title);
    sought.put("dc.creator", author);
    sought.put("bath.isbn", isbn.replaceAll("[^0-9Xx]", ""));
    sought.put("dc.subject", subject);
    sought.put("dc.language", language);
    sought.put("dc.type", type == null ? "" : type.csl());
    List<String> clauses = new ArrayList<>();
    sought.forEach(
        (index, words) -> {
          if (!words.isBlank()) {
            boolean number = index.equals("bath.isbn") || index.equals("dc.type");
            String bare = words.strip().replace("\\", " ").replace("\"", " ");
            clauses.add(index + (number ? " = " : " all ") + "\"" + bare + "\"");
          }
        });
    return String.join(" and ", clauses);
  }

  /**
   * The address that asks a catalogue (SRU 1.2, <em>searchRetrieve</em>).
   *
   * @param base the address of the catalogue, perhaps with a query of its own
   * @param schema that of the records, {@code marcxml} or {@code dc}
   * @param from the first record, from 1
   */
  public String address(String base, String schema, int from, int most) {
    Map<String, String> parameters = new LinkedHashMap<>();
    parameters.put("version", "1.2");
    parameters.put("operation", "searchRetrieve");
    parameters.put("query", cql());
    parameters.put("recordSchema", schema);
    parameters.put("startRecord", String.valueOf(from));
    parameters.put("maximumRecords", String.valueOf(most));
    StringBuilder address = new StringBuilder(base).append(base.contains("?") ? "&" : "?");
    parameters.forEach(
        (name, value) ->
            address
                .append(
                    address.toString().endsWith("?") || address.toString().endsWith("&") ? "" : "&")
                .append(name)
                .append('=')
                .append(URLEncoder.encode(value, StandardCharsets.UTF_8)));
    return address.toString();
  }
}
