package org.pergamena.formats.scan;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.File;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import javax.imageio.ImageIO;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** The program that reads words out of pictures, as a process of its own for each picture. */
public final class Tesseract {
  /** What a person does to get it. */
  public static final String HINT =
      "To have them read, install tesseract (apt-get install tesseract-ocr) and read the source"
          + " again.";

  private static final int LONGEST_SECONDS = 60;

  private final String program;
  private final String languages;

  private Tesseract(String program, String languages) {
    this.program = program;
    this.languages = languages;
  }

  /** The program if it is installed, with all languages that it has. */
  public static Optional<Tesseract> installed() {
    String path = System.getenv().getOrDefault("PATH", "");
    for (String folder : path.split(File.pathSeparator)) {
      Path program = Path.of(folder, "tesseract");
      if (Files.isExecutable(program)) {
        return languages(program.toString()).map(l -> new Tesseract(program.toString(), l));
      }
    }
    return Optional.empty();
  }

  private static Optional<String> languages(String program) {
    try {
      String listed = run(List.of(program, "--list-langs"));
      String languages =
          listed
              .lines()
              .skip(1)
              .map(String::strip)
              .filter(l -> l.matches("[a-z]{3}"))
              .filter(l -> !l.equals("osd"))
              .collect(Collectors.joining("+"));
      return languages.isEmpty() ? Optional.empty() : Optional.of(languages);
    } catch (IOException e) {
      return Optional.empty();
    }
  }

  /**
   * The words of a picture, in the order in which they are read.
   *
   * @throws IOException if the program fails or takes longer than a minute
   */
  public List<ScannedWord> words(BufferedImage picture) throws IOException {
    Path file = Files.createTempFile("pergamena-page", ".png");
    try {
      ImageIO.write(picture, "png", file.toFile());
      String table = run(List.of(program, file.toString(), "stdout", "-l", languages, "tsv"));
      return parsed(table);
    } finally {
      Files.deleteIfExists(file);
    }
  }

  private static List<ScannedWord> parsed(String table) throws IOException {
    CSVFormat format =
        CSVFormat.TDF.builder().setHeader().setSkipHeaderRecord(true).setQuote(null).get();
    List<ScannedWord> words = new ArrayList<>();
    byte[] bytes = table.getBytes(StandardCharsets.UTF_8);
    try (CSVParser rows =
        CSVParser.parse(new ByteArrayInputStream(bytes), StandardCharsets.UTF_8, format)) {
      int line = 0;
      for (CSVRecord row : rows) {
        if (row.get("level").equals("4")) {
          line++;
        }
        if (row.get("level").equals("5") && !row.get("text").isBlank()) {
          int left = Integer.parseInt(row.get("left"));
          int top = Integer.parseInt(row.get("top"));
          words.add(
              new ScannedWord(
                  row.get("text").strip(),
                  line,
                  left,
                  top,
                  left + Integer.parseInt(row.get("width")),
                  top + Integer.parseInt(row.get("height"))));
        }
      }
    }
    return words;
  }

  private static String run(List<String> command) throws IOException {
    ProcessBuilder builder = new ProcessBuilder(command);
    builder.environment().put("OMP_THREAD_LIMIT", "1");
    Path out = Files.createTempFile("pergamena-scan", ".txt");
    Process process =
        builder.redirectOutput(out.toFile()).redirectError(ProcessBuilder.Redirect.DISCARD).start();
    try {
      process.getOutputStream().close();
      if (!process.waitFor(LONGEST_SECONDS, TimeUnit.SECONDS) || process.exitValue() != 0) {
        throw new IOException(command.get(0) + " failed");
      }
      return Files.readString(out);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IOException(e);
    } finally {
      process.destroyForcibly();
      Files.deleteIfExists(out);
    }
  }
}
