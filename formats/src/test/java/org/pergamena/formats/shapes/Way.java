package org.pergamena.formats.shapes;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.outline.OutlineReader;
import org.pergamena.core.reply.ReplyReader;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.formats.SourceReader;
import org.pergamena.formats.bring.MapFiles;
import org.pergamena.formats.citation.ReferenceFormat;
import org.pergamena.formats.publish.Notes;
import org.pergamena.formats.read.UnreadableException;

/** What is done with a text that somebody brings. */
enum Way {
  OUTLINE {
    @Override
    void go(String text) {
      OutlineReader.read(text);
    }
  },
  PLAIN {
    @Override
    void go(String text) {
      read("x.txt", text);
    }
  },
  MARKDOWN {
    @Override
    void go(String text) {
      read("x.md", text);
    }
  },
  PAGE {
    @Override
    void go(String text) {
      read("x.html", text);
    }
  },
  TABLE {
    @Override
    void go(String text) {
      read("x.csv", text);
    }
  },
  TRANSCRIPT {
    @Override
    void go(String text) {
      read("x.vtt", "WEBVTT\n\n00:00:01.000 --> 00:00:02.000\n" + text);
    }
  },
  NOTE {
    @Override
    void go(String text) {
      Notes.read(text);
    }
  },
  REPLY {
    @Override
    void go(String text) {
      ReplyReader.read(text, false);
    }
  },
  MAP {
    @Override
    void go(String text) {
      try {
        MapFiles.read("x.md", ("# x\n" + text).getBytes(StandardCharsets.UTF_8), new UUID(0, 1));
      } catch (RuntimeException refused) {
        // a sentence says why
      }
    }
  },
  REFERENCES {
    @Override
    void go(String text) {
      try {
        ReferenceFormat.read(text.getBytes(StandardCharsets.UTF_8));
      } catch (IllegalArgumentException refused) {
        // a sentence says why
      }
    }
  },
  ANALYSIS {
    @Override
    void go(String text) {
      SourceText read = read("x.txt", text);
      if (read != null) {
        TextAnalyser.analyse(new Source(new UUID(0, 1), "x", read, List.of(), Tongue.ENGLISH));
      }
    }
  };

  /** Does it; what cannot be read is refused in time too. */
  abstract void go(String text);

  private static SourceText read(String name, String text) {
    try {
      return new SourceReader().read(name, text.getBytes(StandardCharsets.UTF_8), s -> {}).text();
    } catch (UnreadableException e) {
      return null;
    }
  }
}
