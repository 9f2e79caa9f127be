package org.pergamena.server.reading;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import java.util.function.DoubleConsumer;
import org.pergamena.core.map.MapRuleException;
import org.pergamena.core.outline.OutlineReader;
import org.pergamena.core.reply.ReplyReader;
import org.pergamena.formats.SourceReader;
import org.pergamena.formats.bring.MapFiles;
import org.pergamena.formats.citation.ReferenceFormat;
import org.pergamena.formats.citation.Style;
import org.pergamena.formats.image.Figures;
import org.pergamena.formats.image.KeptImage;
import org.pergamena.formats.publish.Template;
import org.pergamena.formats.read.SourceKind;
import org.pergamena.formats.read.UnreadableException;
import tools.jackson.databind.json.JsonMapper;

/** What is made of strangers' bytes: each in a process that has nothing of the server. */
enum ConfinedWork {
  /** A file's text; the argument is its kind, or empty to find out, and after a blank its name. */
  SOURCE {
    @Override
    Object done(String argument, byte[] bytes, DoubleConsumer progress) throws UnreadableException {
      int blank = argument.indexOf(' ');
      String kind = argument.substring(0, blank);
      String name = argument.substring(blank + 1);
      return new SourceReader()
          .read(name, bytes, kind.isEmpty() ? null : SourceKind.valueOf(kind), progress);
    }
  },

  /** An image as it is kept, looked at and drawn once. */
  IMAGE {
    @Override
    Object done(String argument, byte[] bytes, DoubleConsumer progress) throws UnreadableException {
      return KeptImage.of(bytes);
    }
  },

  /** The figures in a file. */
  FIGURES {
    @Override
    Object done(String argument, byte[] bytes, DoubleConsumer progress) throws UnreadableException {
      return Figures.of(bytes);
    }
  },

  /** One of them as it is kept; the argument is its number. */
  FIGURE {
    @Override
    Object done(String argument, byte[] bytes, DoubleConsumer progress) throws UnreadableException {
      return KeptImage.of(Figures.image(bytes, Integer.parseInt(argument)));
    }
  },

  /** A list of references. */
  REFERENCES {
    @Override
    Object done(String argument, byte[] bytes, DoubleConsumer progress) {
      return ReferenceFormat.read(bytes);
    }
  },

  /** A citation style, tried once. */
  STYLE {
    @Override
    Object done(String argument, byte[] bytes, DoubleConsumer progress) {
      return Style.own(text(bytes));
    }
  },

  /** Whether a report can be begun from a template. */
  TEMPLATE {
    @Override
    Object done(String argument, byte[] bytes, DoubleConsumer progress) throws IOException {
      Template.own(bytes).requireSound();
      return true;
    }
  },

  /** Whether a map's file is read with what a process is given; the argument is its name. */
  MAP {
    @Override
    Object done(String argument, byte[] bytes, DoubleConsumer progress) {
      return tried(() -> MapFiles.read(argument, bytes, new UUID(0, 0)));
    }
  },

  /** Whether the reply of a text assistant is. */
  REPLY {
    @Override
    Object done(String argument, byte[] bytes, DoubleConsumer progress) {
      return tried(() -> ReplyReader.read(ReplyReader.text(text(bytes)), true));
    }
  },

  /** Whether an outline is. */
  OUTLINE {
    @Override
    Object done(String argument, byte[] bytes, DoubleConsumer progress) {
      return tried(() -> OutlineReader.read(text(bytes)));
    }
  };

  static final JsonMapper JSON = JsonMapper.builder().build();

  private static String text(byte[] bytes) {
    return new String(bytes, StandardCharsets.UTF_8);
  }

  /** Reads something once; what is wrong in it is told where it is read for good. */
  private static boolean tried(Runnable reading) {
    try {
      reading.run();
    } catch (IllegalArgumentException | MapRuleException e) {
      return false;
    }
    return true;
  }

  /** Does it. */
  abstract Object done(String argument, byte[] bytes, DoubleConsumer progress)
      throws UnreadableException, IOException;
}
