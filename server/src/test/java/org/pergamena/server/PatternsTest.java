package org.pergamena.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.lang.reflect.Field;
import java.lang.reflect.Modifier;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Every pattern of the house, on texts that make patterns go back and forth. */
class PatternsTest {
  private static final int LENGTH = 1_200;

  /** So long that a pattern that goes deeper with each part of it finds no room on the stack. */
  private static final int LONG = 30_000;

  /**
   * How often a pattern may look at each character: what is of the square looks some hundred times.
   */
  private static final int MOST_LOOKS = 120;

  private static final List<String> HARD =
      List.of(
          " ",
          "\n",
          "\t \n",
          "a",
          "a ",
          "A",
          "1",
          "1.",
          "1 ",
          "(",
          "[",
          "{",
          "<",
          "-",
          "- ",
          "|",
          "*",
          "\"",
          "'",
          "=",
          ".",
          ",",
          ", ",
          ":",
          "_",
          "#",
          "é",
          "x-",
          "A. ",
          "a, b and ",
          "the ",
          "p. 1 ",
          "[1] ",
          "(A 1",
          "http://a",
          "1,000 ",
          "a.b",
          "A B ",
          "Mr. A ");

  @Test
  void no_pattern_looks_at_a_text_more_often_than_its_length_allows() throws Exception {
    List<String> slow = new ArrayList<>();
    for (JavaClass type :
        new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("org.pergamena")) {
      for (Field field : Class.forName(type.getName()).getDeclaredFields()) {
        if (field.getType() == Pattern.class && Modifier.isStatic(field.getModifiers())) {
          field.setAccessible(true);
          String worst = worst((Pattern) field.get(null));
          if (worst != null) {
            slow.add(type.getSimpleName() + "." + field.getName() + " on " + worst);
          }
        }
      }
    }
    assertThat(slow).isEmpty();
  }

  private static String worst(Pattern pattern) {
    for (String shape : HARD) {
      try {
        pattern.matcher(new Counted(shape.repeat(LONG / shape.length()), MOST_LOOKS)).lookingAt();
      } catch (TooOften | StackOverflowError e) {
        return "“" + shape.replace("\n", "\\n") + "”, very long: " + e;
      }
      for (String end : List.of("", "!", "mindmap", "\n1")) {
        String text = shape.repeat(LENGTH / shape.length()) + end;
        try {
          pattern.matcher(new Counted(text, MOST_LOOKS)).matches();
          pattern.matcher(new Counted(text, MOST_LOOKS)).lookingAt();
        } catch (TooOften | StackOverflowError e) {
          return "“" + shape.replace("\n", "\\n") + "” again and again, then “" + end + "”: " + e;
        }
      }
    }
    return null;
  }

  private static final class TooOften extends RuntimeException {
    private static final long serialVersionUID = 1;
  }

  /** A text that counts how often it is looked at. */
  private static final class Counted implements CharSequence {
    private final String text;
    private final long most;
    private long looks;

    Counted(String text, int each) {
      this.text = text;
      this.most = (long) each * text.length();
    }

    @Override
    public int length() {
      return text.length();
    }

    @Override
    public char charAt(int index) {
      if (++looks > most) {
        throw new TooOften();
      }
      return text.charAt(index);
    }

    @Override
    public CharSequence subSequence(int start, int end) {
      return text.substring(start, end);
    }

    @Override
    public String toString() {
      return text;
    }
  }
}
