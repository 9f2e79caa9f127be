package org.pergamena.formats.text;

import com.ibm.icu.text.CharsetDetector;
import com.ibm.icu.text.CharsetMatch;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.IllegalCharsetNameException;
import java.nio.charset.StandardCharsets;
import java.nio.charset.UnsupportedCharsetException;
import java.util.Optional;

/** Turns bytes into text, finding out their encoding. */
public final class Decoding {
  private static final double MOST_CONTROLS = 0.01;
  private static final int LEAST_CONFIDENCE = 25;

  private Decoding() {}

  /**
   * The text that the bytes are, with line ends as {@code \n} and without a byte order mark.
   *
   * @param type the media type that the bytes look like
   * @return empty if the bytes are no text
   */
  public static Optional<String> text(byte[] bytes, String type) {
    boolean binary =
        type.startsWith("image/")
            || type.startsWith("audio/")
            || type.startsWith("video/")
            || type.contains("zip")
            || type.contains("ooxml")
            || type.contains("msoffice");
    return binary ? Optional.empty() : decode(bytes).filter(Decoding::isText).map(Decoding::clean);
  }

  private static Optional<String> decode(byte[] bytes) {
    try {
      return Optional.of(
          StandardCharsets.UTF_8
              .newDecoder()
              .onMalformedInput(CodingErrorAction.REPORT)
              .decode(ByteBuffer.wrap(bytes))
              .toString());
    } catch (CharacterCodingException e) {
      Charset charset = detected(bytes);
      boolean wide = charset.name().startsWith("UTF-");
      return wide || !manyControls(bytes)
          ? Optional.of(new String(bytes, charset))
          : Optional.empty();
    }
  }

  private static boolean manyControls(byte[] bytes) {
    int controls = 0;
    for (byte b : bytes) {
      controls += b >= 0 && b < ' ' && b != '\t' && b != '\n' && b != '\r' && b != '\f' ? 1 : 0;
    }
    return controls > bytes.length * MOST_CONTROLS;
  }

  private static Charset detected(byte[] bytes) {
    CharsetMatch match = new CharsetDetector().setText(bytes).detect();
    try {
      return match == null || match.getConfidence() < LEAST_CONFIDENCE
          ? Charset.forName("windows-1252")
          : Charset.forName(match.getName());
    } catch (IllegalCharsetNameException | UnsupportedCharsetException e) {
      return Charset.forName("windows-1252");
    }
  }

  private static boolean isText(String text) {
    long controls =
        text.chars().filter(c -> Character.isISOControl(c) && !Character.isWhitespace(c)).count();
    return controls <= text.length() * MOST_CONTROLS;
  }

  private static String clean(String text) {
    String lines = text.replace("\r\n", "\n").replace('\r', '\n').replace('\f', '\n');
    StringBuilder clean = new StringBuilder(lines.length());
    lines
        .codePoints()
        .filter(c -> c != 0xFEFF && (!Character.isISOControl(c) || Character.isWhitespace(c)))
        .filter(c -> c < Character.MIN_SURROGATE || c > Character.MAX_SURROGATE)
        .forEach(clean::appendCodePoint);
    return clean.toString();
  }
}
