package org.pergamena.cli;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Source;
import tools.jackson.databind.json.JsonMapper;

/** Files that are asked something. */
record StudyFiles(Map<UUID, Source> sources, List<Analysed> texts) {
  /** Reads files. */
  static StudyFiles read(List<Path> files) throws Refusal {
    Map<UUID, Source> sources = new LinkedHashMap<>();
    List<Analysed> texts = new ArrayList<>();
    for (Path file : files) {
      Source source = DistilCommand.source(file, UUID.randomUUID());
      sources.put(source.id(), source);
      texts.add(TextAnalyser.analyse(source));
    }
    return new StudyFiles(sources, texts);
  }

  /** The name of a passage's file. */
  String file(Passage passage) {
    return sources.get(passage.source()).name();
  }

  /** Page, time or heading of a passage. */
  String place(Passage passage) {
    return sources.get(passage.source()).place(passage);
  }

  /** File and place in one. */
  String cited(Passage passage) {
    String place = place(passage);
    return place.isEmpty() ? file(passage) : file(passage) + ", " + place;
  }

  /** What is printed as JSON. */
  static String json(Object value) {
    return JsonMapper.builder().build().writerWithDefaultPrettyPrinter().writeValueAsString(value);
  }
}
