package org.pergamena.formats.citation;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.pergamena.core.reference.Work;

/** Formats of lists of references. */
public enum ReferenceFormat {
  BIBTEX("bib", "application/x-bibtex;charset=UTF-8", "BibTeX") {
    @Override
    public ReferenceList read(String text) {
      return BibTex.read(text);
    }

    @Override
    public String write(List<Work> works) {
      return BibTex.write(works);
    }
  },
  RIS("ris", "application/x-research-info-systems;charset=UTF-8", "RIS") {
    @Override
    public ReferenceList read(String text) {
      return Ris.read(text);
    }

    @Override
    public String write(List<Work> works) {
      return Ris.write(works);
    }
  },
  CSL("json", "application/vnd.citationstyles.csl+json", "CSL-JSON") {
    @Override
    public ReferenceList read(String text) {
      return CslJson.list(text);
    }

    @Override
    public String write(List<Work> works) {
      return CslJson.write(works);
    }
  };

  private static final int MOST_BYTES = 5_000_000;

  private final String ending;
  private final String type;
  private final String word;

  ReferenceFormat(String ending, String type, String word) {
    this.ending = ending;
    this.type = type;
    this.word = word;
  }

  /** What names of its files end in, without the dot. */
  public String ending() {
    return ending;
  }

  /** Its media type. */
  public String type() {
    return type;
  }

  /** What it is called. */
  public String word() {
    return word;
  }

  /** Reads what is sound and lists the rest. */
  public abstract ReferenceList read(String text);

  /** Writes works. */
  public abstract String write(List<Work> works);

  /** The format that names with an ending have. */
  public static Optional<ReferenceFormat> of(String ending) {
    return Arrays.stream(values()).filter(format -> format.ending.equals(ending)).findFirst();
  }

  /**
   * Reads a list of references in whatever format it is.
   *
   * @throws IllegalArgumentException with a sentence for the person if it is none
   */
  public static ReferenceList read(byte[] bytes) {
    if (bytes.length > MOST_BYTES) {
      throw new IllegalArgumentException(
          "The list of references has more than 5 MB. Divide it and bring the parts.");
    }
    String text = new String(bytes, StandardCharsets.UTF_8).replace("\uFEFF", "");
    String start = text.stripLeading();
    ReferenceFormat format =
        start.startsWith("[") || start.startsWith("{")
            ? CSL
            : text.lines().anyMatch(line -> line.startsWith("TY  -")) ? RIS : BIBTEX;
    ReferenceList list = format.read(text);
    if (list.works().isEmpty() && list.faults().isEmpty()) {
      throw new IllegalArgumentException(
          "No reference was found in it. Bring a file of BibTeX (.bib), RIS (.ris) or CSL-JSON"
              + " (.json).");
    }
    return list;
  }
}
