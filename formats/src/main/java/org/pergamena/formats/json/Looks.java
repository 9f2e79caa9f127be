package org.pergamena.formats.json;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonValue;
import org.pergamena.core.map.Colour;
import org.pergamena.core.map.Paper;
import org.pergamena.core.map.Rule;
import org.pergamena.core.map.Stroke;
import org.pergamena.core.map.Style;
import tools.jackson.databind.json.JsonMapper;

/** How looks are written: a colour as a word, and nothing of what is as it would be without. */
final class Looks {
  private Looks() {}

  static JsonMapper.Builder mapper() {
    return JsonMapper.builder()
        .addMixIn(Colour.class, Word.class)
        .addMixIn(Style.class, Given.class)
        .addMixIn(Stroke.class, Given.class)
        .addMixIn(Paper.class, Given.class)
        .addMixIn(Rule.class, Given.class);
  }

  private interface Word {
    @JsonValue
    String written();

    @JsonCreator
    static Colour read(String written) {
      return Colour.read(written);
    }
  }

  @JsonInclude(JsonInclude.Include.NON_NULL)
  private interface Given {}
}
