package org.pergamena.server.site;

import org.springframework.stereotype.Component;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.jdk.StringDeserializer;
import tools.jackson.databind.deser.std.StdScalarDeserializer;
import tools.jackson.databind.module.SimpleModule;

/**
 * Takes in strings that can be kept: one with a NUL, which the database does not take, is refused;
 * halves of characters are made whole.
 */
@Component
class WholeStrings extends SimpleModule {
  private static final long serialVersionUID = 1L;

  WholeStrings() {
    super("whole strings");
    addDeserializer(String.class, new Whole());
  }

  /**
   * A string as it can be kept.
   *
   * @throws IllegalArgumentException with a sentence for the person if it cannot be
   */
  static String whole(String given) {
    if (given == null) {
      return null;
    }
    if (given.indexOf('\0') >= 0) {
      throw new IllegalArgumentException(
          "Something in this text is no character (it has the number 0). Take it out, or write the"
              + " line anew.");
    }
    StringBuilder whole = null;
    for (int i = 0; i < given.length(); i++) {
      char c = given.charAt(i);
      boolean pair =
          Character.isHighSurrogate(c)
              && i + 1 < given.length()
              && Character.isLowSurrogate(given.charAt(i + 1));
      if (pair) {
        i++;
      } else if (Character.isSurrogate(c)) {
        whole = whole == null ? new StringBuilder(given) : whole;
        whole.setCharAt(i, '\uFFFD');
      }
    }
    return whole == null ? given : whole.toString();
  }

  private static final class Whole extends StdScalarDeserializer<String> {
    Whole() {
      super(String.class);
    }

    @Override
    public String deserialize(JsonParser parser, DeserializationContext context) {
      return whole(StringDeserializer.instance.deserialize(parser, context));
    }
  }
}
