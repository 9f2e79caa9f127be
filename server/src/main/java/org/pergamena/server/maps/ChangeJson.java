package org.pergamena.server.maps;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import org.pergamena.core.map.Change;
import tools.jackson.databind.json.JsonMapper;

/** Changes as they are stored with a revision. */
final class ChangeJson {
  private static final JsonMapper MAPPER =
      JsonMapper.builder().addMixIn(Change.class, Types.class).build();

  private ChangeJson() {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Change.AddBranch.class, name = "add"),
    @JsonSubTypes.Type(value = Change.RemoveBranch.class, name = "remove"),
    @JsonSubTypes.Type(value = Change.Relabel.class, name = "relabel"),
    @JsonSubTypes.Type(value = Change.Annotate.class, name = "annotate"),
    @JsonSubTypes.Type(value = Change.SetAside.class, name = "aside"),
    @JsonSubTypes.Type(value = Change.Move.class, name = "move"),
    @JsonSubTypes.Type(value = Change.Link.class, name = "link"),
    @JsonSubTypes.Type(value = Change.Unlink.class, name = "unlink"),
    @JsonSubTypes.Type(value = Change.Refill.class, name = "refill"),
    @JsonSubTypes.Type(value = Change.Withdraw.class, name = "withdraw"),
    @JsonSubTypes.Type(value = Change.Restore.class, name = "restore"),
    @JsonSubTypes.Type(value = Change.Retext.class, name = "retext"),
    @JsonSubTypes.Type(value = Change.Together.class, name = "together")
  })
  private interface Types {}

  static String write(Change change) {
    return MAPPER.writerFor(Change.class).writeValueAsString(change);
  }

  static Change read(String json) {
    return MAPPER.readValue(json, Change.class);
  }
}
