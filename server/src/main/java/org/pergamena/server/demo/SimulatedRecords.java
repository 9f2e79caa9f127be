package org.pergamena.server.demo;

import java.util.ArrayList;
import java.util.List;
import org.apache.commons.text.StringEscapeUtils;
import org.pergamena.core.reference.Field;
import org.pergamena.core.reference.Person;
import org.pergamena.core.reference.Reference;
import org.pergamena.core.reference.Role;
import org.pergamena.core.reference.WorkType;

/** The answers of a small catalogue, in MARCXML or Dublin Core. */
final class SimulatedRecords {
  private static final String HEAD =
      "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<searchRetrieveResponse"
          + " xmlns=\"http://www.loc.gov/zing/srw/\"><version>1.2</version>";

  private SimulatedRecords() {}

  static String diagnostic(int number, String message, String details) {
    return HEAD
        + "<numberOfRecords>0</numberOfRecords><diagnostics><diagnostic"
        + " xmlns=\"http://www.loc.gov/zing/srw/diagnostic/\"><uri>info:srw/diagnostic/1/"
        + number
        + "</uri><details>"
        + escaped(details)
        + "</details><message>"
        + escaped(message)
        + "</message></diagnostic></diagnostics></searchRetrieveResponse>";
  }

  static String answer(List<Reference> found, int from, int most, boolean marc) {
    StringBuilder out = new StringBuilder(HEAD);
    out.append("<numberOfRecords>").append(found.size()).append("</numberOfRecords><records>");
    for (int i = from - 1; i < Math.min(found.size(), from - 1 + most); i++) {
      out.append("<record><recordSchema>").append(marc ? "marcxml" : "dc");
      out.append("</recordSchema><recordPacking>xml</recordPacking><recordData>");
      out.append(marc ? marc(found.get(i)) : dublinCore(found.get(i)));
      out.append("</recordData><recordPosition>").append(i + 1);
      out.append("</recordPosition></record>");
    }
    return out.append("</records></searchRetrieveResponse>").toString();
  }

  private static String escaped(String words) {
    return StringEscapeUtils.escapeXml11(words);
  }

  private static String marc(Reference work) {
    StringBuilder out = new StringBuilder("<record xmlns=\"http://www.loc.gov/MARC21/slim\">");
    out.append("<leader>     ").append(leader(work.type())).append(" a22     uu 4500</leader>");
    field(out, "020", "a", work.get(Field.ISBN));
    field(out, "024", "a", work.get(Field.DOI));
    field(out, "041", "a", work.get(Field.LANGUAGE));
    field(out, "088", "a", work.get(Field.NUMBER));
    List<Person> authors = work.get(Role.AUTHOR);
    for (int i = 0; i < authors.size(); i++) {
      boolean body = !authors.get(i).literal().isEmpty();
      field(out, (i == 0 ? "1" : "7") + (body ? "10" : "00"), "a", name(authors.get(i)));
    }
    String[] title = work.get(Field.TITLE).split(": ", 2);
    field(out, "245", "a", title[0] + (title.length > 1 ? " :" : ""), "b", rest(title));
    field(out, "250", "a", work.get(Field.EDITION));
    field(
        out,
        "264",
        "a",
        mark(work.get(Field.PLACE), " :"),
        "b",
        mark(work.get(Field.PUBLISHER), ","),
        "c",
        mark(work.get(Field.ISSUED), "."));
    if (work.type() == WorkType.THESIS) {
      field(out, "502", "b", work.get(Field.GENRE));
    }
    for (String subject : work.get(Field.SUBJECT).split("; ")) {
      field(out, "650", "a", subject);
    }
    work.get(Role.EDITOR).forEach(editor -> field(out, "700", "a", name(editor), "4", "edt"));
    field(out, "773", "t", work.get(Field.CONTAINER), "g", within(work), "x", work.get(Field.ISSN));
    return out.append("</record>").toString();
  }

  private static String rest(String[] title) {
    return title.length > 1 ? title[1] : "";
  }

  private static String mark(String words, String after) {
    return words.isEmpty() ? "" : words + after;
  }

  private static String within(Reference work) {
    List<String> parts = new ArrayList<>();
    if (!work.get(Field.VOLUME).isEmpty()) {
      parts.add("vol. " + work.get(Field.VOLUME));
    }
    if (!work.get(Field.ISSUE).isEmpty()) {
      parts.add("no. " + work.get(Field.ISSUE));
    }
    if (!work.get(Field.PAGES).isEmpty()) {
      parts.add("p. " + work.get(Field.PAGES));
    }
    return String.join(", ", parts);
  }

  private static String leader(WorkType type) {
    return switch (type) {
      case ARTICLE, CHAPTER, PAPER -> "naa";
      case DATASET -> "nmm";
      default -> "nam";
    };
  }

  private static String name(Person person) {
    return person.literal().isEmpty() ? person.written() : person.literal();
  }

  /** A field with its subfields that say something; none if none does. */
  private static void field(StringBuilder out, String tag, String... parts) {
    StringBuilder within = new StringBuilder();
    for (int i = 0; i < parts.length; i += 2) {
      if (!parts[i + 1].isEmpty()) {
        within.append("<subfield code=\"").append(parts[i]).append("\">");
        within.append(escaped(parts[i + 1])).append("</subfield>");
      }
    }
    if (!within.isEmpty()) {
      out.append("<datafield tag=\"").append(tag).append("\" ind1=\" \" ind2=\" \">");
      out.append(within).append("</datafield>");
    }
  }

  private static String dublinCore(Reference work) {
    StringBuilder out =
        new StringBuilder(
            "<srw_dc:dc xmlns:srw_dc=\"info:srw/schema/1/dc-schema\""
                + " xmlns:dc=\"http://purl.org/dc/elements/1.1/\">");
    element(out, "title", work.get(Field.TITLE));
    work.get(Role.AUTHOR).forEach(person -> element(out, "creator", name(person)));
    work.get(Role.EDITOR).forEach(person -> element(out, "contributor", name(person)));
    element(out, "publisher", work.get(Field.PUBLISHER));
    element(out, "date", work.get(Field.ISSUED));
    element(out, "language", work.get(Field.LANGUAGE));
    element(out, "type", work.type().csl());
    element(out, "source", work.get(Field.CONTAINER));
    element(
        out, "identifier", work.get(Field.ISBN).isEmpty() ? "" : "ISBN " + work.get(Field.ISBN));
    element(out, "identifier", work.get(Field.DOI));
    for (String subject : work.get(Field.SUBJECT).split("; ")) {
      element(out, "subject", subject);
    }
    return out.append("</srw_dc:dc>").toString();
  }

  private static void element(StringBuilder out, String name, String words) {
    if (!words.isEmpty()) {
      out.append("<dc:").append(name).append('>').append(escaped(words));
      out.append("</dc:").append(name).append('>');
    }
  }
}
