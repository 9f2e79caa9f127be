package org.pergamena.core.distil;

import java.util.List;
import java.util.UUID;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.progress.Progress;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceTextBuilder;

/** Texts to distil in tests. */
final class Texts {
  static final String[] WALL = {
    "The old sea wall was an earth bank faced with stone.",
    "The stone facing of the sea wall failed in many places.",
    "Engineers inspected the sea wall and priced a rebuild.",
    "A rebuild of the sea wall would cost eleven million.",
    "Each winter lorries tipped rock where the stone facing had gone."
  };
  static final String[] BIRDS = {
    "Wading birds came back to the mud in the second winter.",
    "Dunlin and redshank make up most of the wading birds.",
    "The warden counts wading birds at high water every month.",
    "Redshank bred on the marsh for the first time in the third year.",
    "Terns nest on islands in the lagoons and lose eggs to high tides."
  };
  static final String[] CARBON = {
    "Mud that settles on the marsh buries carbon with it.",
    "The cores give the carbon burial for each hectare.",
    "Half of the carbon was not made on the marsh itself.",
    "How to count the carbon credit is disputed among advisers.",
    "Methane takes away little of the carbon gain."
  };

  private Texts() {}

  static Source source(String name, SourceTextBuilder text) {
    return new Source(UUID.nameUUIDFromBytes(name.getBytes()), name, text.build());
  }

  /** Paragraphs of the sentences, so many times over, each sentence a little different. */
  static void paragraphs(SourceTextBuilder text, int times, String... sentences) {
    for (int i = 0; i < times; i++) {
      StringBuilder paragraph = new StringBuilder();
      for (String sentence : sentences) {
        paragraph.append(sentence.replace(".", " in case " + (i + 1) + ".")).append(' ');
      }
      text.block(Block.Kind.PARAGRAPH, 0, paragraph.toString());
    }
  }

  static Source plain(String name) {
    SourceTextBuilder text = new SourceTextBuilder();
    paragraphs(text, 4, WALL);
    paragraphs(text, 4, BIRDS);
    paragraphs(text, 4, CARBON);
    return source(name, text);
  }

  static Source headed(String name) {
    SourceTextBuilder text = new SourceTextBuilder();
    text.block(Block.Kind.HEADING, 1, "The marsh at Ferrow");
    text.block(Block.Kind.HEADING, 2, "1. Why the wall was breached");
    paragraphs(text, 1, WALL);
    text.block(Block.Kind.HEADING, 2, "Wings over the water");
    paragraphs(text, 1, BIRDS);
    text.block(Block.Kind.HEADING, 3, "Terns");
    text.block(Block.Kind.PARAGRAPH, 0, "Terns nest on the islands. They lose eggs to the tide.");
    text.block(Block.Kind.HEADING, 2, "What the mud keeps");
    paragraphs(text, 1, CARBON);
    return source(name, text);
  }

  static Source spoken(String name) {
    SourceTextBuilder text = new SourceTextBuilder();
    int start = text.length();
    long time = 0;
    for (String[] subject : new String[][] {WALL, BIRDS, CARBON}) {
      for (int i = 0; i < 4; i++) {
        for (String sentence : subject) {
          String words = sentence.toLowerCase().replaceAll("[^a-z ]", "");
          text.cue(text.append(words), time, time + 4000, null);
          text.append(" ");
          time += 4000;
        }
      }
    }
    text.close(Block.Kind.SPEECH, 0, start);
    return source(name, text);
  }

  static Distilled distilled(DistilOptions options, Source... sources) {
    List<Analysed> texts = List.of(sources).stream().map(TextAnalyser::analyse).toList();
    return new Distiller(texts, options, Progress.NONE).distil();
  }

  static TopicMap map(DistilOptions options, Source... sources) {
    long[] next = {1};
    return distilled(options, sources).map(new UUID(9, 9), () -> new UUID(7, next[0]++));
  }
}
