package org.pergamena.server.reading;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Random;
import java.util.zip.GZIPOutputStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts.FontName;

/** Fifty files that are empty, broken, locked, disguised, enormous when unpacked, or just odd. */
final class BadFiles {
  private static final String ODT = "application/vnd.oasis.opendocument.text";
  private static final String BOMB =
      "<!DOCTYPE x [<!ENTITY a \"aaaaaaaaaa\"><!ENTITY b \"&a;&a;&a;&a;&a;&a;&a;&a;&a;&a;\">"
          + "<!ENTITY c \"&b;&b;&b;&b;&b;&b;&b;&b;&b;&b;\"><!ENTITY d \"&c;&c;&c;&c;&c;&c;&c;&c;\">"
          + "<!ENTITY e \"&d;&d;&d;&d;&d;&d;&d;&d;&d;&d;\"><!ENTITY f \"&e;&e;&e;&e;&e;&e;&e;&e;\">]>";
  private static final String EXTERNAL = "<!DOCTYPE x [<!ENTITY f SYSTEM \"file:///etc/passwd\">]>";

  private final Map<String, byte[]> files = new LinkedHashMap<>();

  /** The files by their names. */
  static Map<String, byte[]> all() throws IOException {
    BadFiles bad = new BadFiles();
    bad.texts();
    bad.encodings();
    bad.pdfs();
    bad.packed();
    bad.marked();
    bad.disguised();
    return bad.files;
  }

  private void text(String name, String words) {
    files.put(name, words.getBytes(StandardCharsets.UTF_8));
  }

  private void texts() {
    text("empty.txt", "");
    text("blank.txt", " \n\t\n");
    text("no-space.txt", "x".repeat(1_000_000));
    text("one-line.txt", "The tide left mud. ".repeat(60_000));
    text("only-signs.txt", "\u2603 \u00a7 \u2013 ### ***");
    text(
        "right-to-left.txt",
        "\u0627\u0644\u0645\u062f \u0648\u0627\u0644\u062c\u0632\u0631 \u05d2\u05d0\u05d5\u05ea The tide.");
    text(
        "mixed.txt",
        "\u6f6e\u6c34 The tide \u043f\u0440\u0438\u043b\u0438\u0432 \u03c0\u03b1\u03bb\u03af\u03c1\u03c1\u03bf\u03b9\u03b1 \ud83c\udf0a.");
    text("deep.md", "> ".repeat(5000) + "deep\n" + "- ".repeat(3000) + "list");
    text("marks.md", "*_`[".repeat(20_000));
    text("headings.md", "# \n## \n###### \n");
    text("bad-times.vtt", "WEBVTT\n\n00:xx --> 00:02\nhello");
    text("no-times.srt", "hello there");
    text("no-cues.vtt", "WEBVTT\n\n");
    text(
        "backwards.vtt",
        "WEBVTT\n\n00:09.000 --> 00:01.000\nhello\n\n00:02.000 --> 00:03.000\nyou\n");
    text("quotes.csv", "a,b\n1,2\n\"3,4\n");
    text("header-only.csv", "a,b,c\n");
    text("wide.csv", "a,".repeat(20_000) + "\n" + "1,".repeat(20_000) + "\n");
  }

  private void encodings() {
    String words = "The w\u00e4rden of \u201cFerrow\u201d counted na\u00efve gulls. ".repeat(5);
    files.put("windows.txt", words.getBytes(Charset.forName("windows-1252")));
    files.put("utf16.txt", words.getBytes(StandardCharsets.UTF_16));
    files.put("utf16le.txt", words.getBytes(StandardCharsets.UTF_16LE));
    files.put(
        "invalid.txt", joined(words.getBytes(StandardCharsets.UTF_8), new byte[] {-1, -64, 65}));
    files.put("nulls.txt", new byte[5000]);
    byte[] noise = new byte[20_000];
    new Random(7).nextBytes(noise);
    files.put("noise.txt", noise);
    files.put("noise.pdf", noise);
    files.put("noise.docx", noise);
  }

  private void pdfs() throws IOException {
    byte[] good = pdf(3, null);
    text("not-a.pdf", "I am text.");
    files.put("head-only.pdf", Arrays.copyOf(good, 12));
    files.put("truncated.pdf", Arrays.copyOf(good, good.length / 2));
    byte[] scrambled = good.clone();
    for (int i = 200; i < scrambled.length; i += 37) {
      scrambled[i] ^= 0x55;
    }
    files.put("scrambled.pdf", scrambled);
    files.put("locked.pdf", locked());
    files.put("no-pages.pdf", pdf(0, null));
    files.put("ten-thousand.pdf", pages(10_000));
    files.put("loop.pdf", pdf(1, BadFiles::loop));
    files.put("no-words.pdf", pdf(1, null));
  }

  private interface Spoiling {
    void spoil(PDDocument document);
  }

  private static byte[] pdf(int pages, Spoiling spoiling) throws IOException {
    try (PDDocument document = new PDDocument()) {
      for (int i = 0; i < pages; i++) {
        PDPage page = new PDPage();
        document.addPage(page);
        try (PDPageContentStream out = new PDPageContentStream(document, page)) {
          out.beginText();
          out.setFont(new PDType1Font(FontName.HELVETICA), 11);
          out.newLineAtOffset(60, 700);
          out.showText(pages == 1 ? "" : "The tide left mud on page " + i + " of the marsh.");
          out.endText();
        }
      }
      if (spoiling != null) {
        spoiling.spoil(document);
      }
      return saved(document);
    }
  }

  private static byte[] saved(PDDocument document) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    document.save(out);
    return out.toByteArray();
  }

  private static byte[] pages(int count) throws IOException {
    try (PDDocument document = new PDDocument()) {
      for (int i = 0; i < count; i++) {
        document.addPage(new PDPage());
      }
      return saved(document);
    }
  }

  private static byte[] locked() throws IOException {
    try (PDDocument document = new PDDocument()) {
      document.addPage(new PDPage());
      document.protect(new StandardProtectionPolicy("a", "b", new AccessPermission()));
      return saved(document);
    }
  }

  /** A tree of pages that has itself among its branches, and an outline that goes round. */
  private static void loop(PDDocument document) {
    COSDictionary pages =
        document.getDocumentCatalog().getCOSObject().getCOSDictionary(COSName.PAGES);
    COSArray kids = pages.getCOSArray(COSName.KIDS);
    kids.add(pages);
    COSDictionary item = new COSDictionary();
    item.setItem(COSName.NEXT, item);
    item.setString(COSName.TITLE, "round");
    COSDictionary outline = new COSDictionary();
    outline.setItem(COSName.FIRST, item);
    document.getDocumentCatalog().getCOSObject().setItem(COSName.OUTLINES, outline);
  }

  private void packed() throws IOException {
    files.put("zeros.docx", zip("word/document.xml", new byte[80_000_000], null));
    files.put("nested.zip", nested(zip("x", new byte[1_000_000], null), 6));
    files.put("nested.docx", zip("word/document.xml", nested(new byte[1000], 6), null));
    files.put("zeros.odt", zip("content.xml", new byte[80_000_000], ODT));
    files.put("bomb.odt", zip("content.xml", xml(BOMB + "<x>&f;</x>"), ODT));
    files.put("external.odt", zip("content.xml", xml(EXTERNAL + "<x>&f;</x>"), ODT));
    files.put("broken.odt", zip("content.xml", xml("<broken"), ODT));
    files.put("nothing.epub", zip("a", new byte[0], "application/epub+zip"));
    files.put("half.docx", Arrays.copyOf(zip("word/document.xml", new byte[9000], null), 60));
    ByteArrayOutputStream packed = new ByteArrayOutputStream();
    try (GZIPOutputStream gzip = new GZIPOutputStream(packed)) {
      gzip.write(new byte[50_000_000]);
    }
    files.put("zeros.gz", packed.toByteArray());
  }

  private void marked() {
    text("bomb.ttml", BOMB + "<tt><body><p begin=\"0s\">&f;</p></body></tt>");
    text("external.ttml", EXTERNAL + "<tt><body><p begin=\"0s\">&f; hello</p></body></tt>");
    text("deep.html", "<div>".repeat(30_000) + "deep");
    text("open.html", "<html><body><p>The tide <b>left <i>mud");
    text("scripts.html", "<html><script>" + "x();".repeat(10_000) + "</script></html>");
  }

  private void disguised() {
    files.put("picture.pdf", new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10, 0, 0});
    files.put("program.txt", joined(new byte[] {0x7f, 'E', 'L', 'F', 2, 1, 1}, new byte[500]));
  }

  private static byte[] xml(String words) {
    return ("<?xml version=\"1.0\"?>" + words).getBytes(StandardCharsets.UTF_8);
  }

  private static byte[] zip(String name, byte[] content, String type) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      if (type != null) {
        zip.putNextEntry(new ZipEntry("mimetype"));
        zip.write(type.getBytes(StandardCharsets.US_ASCII));
      } else if (name.startsWith("word/")) {
        zip.putNextEntry(new ZipEntry("[Content_Types].xml"));
        zip.write(
            xml(
                "<Types xmlns=\"http://schemas.openxmlformats.org/package/2006/content-types\">"
                    + "<Override PartName=\"/word/document.xml\" ContentType=\"application/vnd."
                    + "openxmlformats-officedocument.wordprocessingml.document.main+xml\"/></Types>"));
      }
      zip.putNextEntry(new ZipEntry(name));
      zip.write(content);
    }
    return out.toByteArray();
  }

  private static byte[] nested(byte[] inner, int depth) throws IOException {
    byte[] packed = inner;
    for (int i = 0; i < depth; i++) {
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      try (ZipOutputStream zip = new ZipOutputStream(out)) {
        for (int copy = 0; copy < 4; copy++) {
          zip.putNextEntry(new ZipEntry("part" + copy + ".zip"));
          zip.write(packed);
        }
      }
      packed = out.toByteArray();
    }
    return packed;
  }

  private static byte[] joined(byte[] first, byte[] second) {
    byte[] joined = Arrays.copyOf(first, first.length + second.length);
    System.arraycopy(second, 0, joined, first.length, second.length);
    return joined;
  }
}
