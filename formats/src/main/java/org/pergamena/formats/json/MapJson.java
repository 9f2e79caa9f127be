package org.pergamena.formats.json;

import java.io.OutputStream;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.pergamena.core.map.Arrangement;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Gloss;
import org.pergamena.core.map.Look;
import org.pergamena.core.map.MapLook;
import org.pergamena.core.map.Paper;
import org.pergamena.core.map.Style;
import org.pergamena.core.map.Styles;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Locator;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Source;
import org.pergamena.formats.citation.CslJson;
import org.pergamena.formats.json.MapDocument.AlsoJson;
import org.pergamena.formats.json.MapDocument.ArrangementJson;
import org.pergamena.formats.json.MapDocument.ExtentJson;
import org.pergamena.formats.json.MapDocument.LinkJson;
import org.pergamena.formats.json.MapDocument.LookJson;
import org.pergamena.formats.json.MapDocument.PassageJson;
import org.pergamena.formats.json.MapDocument.PictureJson;
import org.pergamena.formats.json.MapDocument.RemarkJson;
import org.pergamena.formats.json.MapDocument.SourceJson;
import org.pergamena.formats.json.MapDocument.TopicJson;
import org.pergamena.formats.json.MapDocument.WorkJson;
import tools.jackson.databind.json.JsonMapper;

/** Writes a map with its sources as one JSON document; offsets count UTF-16 code units. */
public final class MapJson {
  private static final JsonMapper MAPPER =
      Looks.mapper().disable(tools.jackson.core.StreamWriteFeature.AUTO_CLOSE_TARGET).build();

  private final Map<UUID, Source> sources;

  private MapJson(List<Source> sources) {
    this.sources = sources.stream().collect(Collectors.toMap(Source::id, Function.identity()));
  }

  /** Writes the document in UTF-8; the stream stays open. */
  public static void write(WholeMap whole, OutputStream out) {
    MAPPER.writeValue(out, new MapJson(whole.sources()).document(whole));
  }

  private MapDocument document(WholeMap whole) {
    TopicMap map = whole.map();
    MapLook look = map.look();
    Map<String, Integer> colours = new LinkedHashMap<>();
    map.root().children().forEach(main -> colours.put(main.toString(), map.colour(main)));
    return new MapDocument(
        MapDocument.FORMAT,
        MapDocument.VERSION,
        whole.sources().stream().map(MapJson::source).toList(),
        whole.works().stream().map(MapJson::work).toList(),
        whole.manner(),
        map.preorder().stream().map(this::topic).toList(),
        map.links().stream().map(this::link).toList(),
        map.legend().tags(),
        map.also().stream()
            .map(a -> new AlsoJson(id(a.id()), id(a.topic()), id(a.parent())))
            .toList(),
        map.comments().stream()
            .map(c -> new RemarkJson(id(c.id()), id(c.subject()), c.at(), c.text(), c.resolved()))
            .toList(),
        look(look, colours));
  }

  private static LookJson look(MapLook look, Map<String, Integer> colours) {
    Arrangement laid = look.arrangement();
    return new LookJson(
        laid.layout(),
        laid.lines(),
        laid.spacing(),
        laid.labels(),
        laid.fan(),
        look.theme(),
        look.numbered(),
        look.crossing(),
        look.tinted(),
        look.paper().equals(Paper.NONE) ? null : look.paper(),
        look.styles().equals(Styles.NONE) ? null : look.styles(),
        look.walk().stream().map(MapJson::id).toList(),
        colours);
  }

  private static ArrangementJson arrangement(Arrangement given) {
    return given.equals(Arrangement.NONE)
        ? null
        : new ArrangementJson(
            given.layout(), given.lines(), given.spacing(), given.labels(), given.fan());
  }

  private static String id(UUID id) {
    return id == null ? null : id.toString();
  }

  private static SourceJson source(Source source) {
    return new SourceJson(
        id(source.id()),
        source.name(),
        source.language(),
        source.text().text(),
        source.text().blocks(),
        source.text().pages(),
        source.text().cues(),
        source.text().places(),
        source.excluded());
  }

  private static WorkJson work(WholeMap.Known known) {
    String key = known.work().key();
    return new WorkJson(id(known.source()), key, CslJson.item(key, known.work().reference()));
  }

  private TopicJson topic(Topic topic) {
    Gloss gloss = topic.content().gloss();
    Look look = topic.content().look();
    return new TopicJson(
        id(topic.id()),
        id(topic.parent()),
        topic.label(),
        topic.note(),
        gloss.definition(),
        gloss.pinned() ? true : null,
        gloss.phrase(),
        gloss.tags(),
        gloss.pictures().stream()
            .map(
                p ->
                    new PictureJson(
                        id(p.id()), p.image(), p.alt(), p.where(), p.width(), p.height()))
            .toList(),
        gloss.trace(),
        topic.summary(),
        topic.aside() ? true : null,
        null,
        look.style().equals(Style.NONE) ? null : look.style(),
        look.below().equals(Style.NONE) ? null : look.below(),
        look.spot(),
        look.off(),
        look.width(),
        arrangement(look.arrangement()),
        topic.extent().stream()
            .map(e -> new ExtentJson(id(e.source()), e.span().start(), e.span().end()))
            .toList(),
        topic.evidence().stream().map(this::passage).toList());
  }

  private LinkJson link(CrossLink link) {
    return new LinkJson(
        id(link.id()),
        id(link.from()),
        id(link.to()),
        link.phrase(),
        link.manner().direction(),
        link.manner().supposed(),
        link.note(),
        link.bend(),
        link.grounds().stream().map(this::passage).toList());
  }

  private PassageJson passage(Evidence evidence) {
    Passage passage = evidence.passage();
    Source source = sources.get(passage.source());
    boolean anchored = passage.anchored() && source != null;
    Locator where = anchored ? source.text().locate(passage.start()) : null;
    return new PassageJson(
        id(evidence.id()),
        id(passage.source()),
        anchored ? passage.start() : null,
        anchored ? passage.end() : null,
        passage.exact(),
        passage.prefix(),
        passage.suffix(),
        evidence.stance(),
        evidence.origin(),
        evidence.strength(),
        anchored ? where.page() : null,
        anchored ? where.startMs() : null);
  }
}
