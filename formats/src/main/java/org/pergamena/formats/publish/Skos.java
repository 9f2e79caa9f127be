package org.pergamena.formats.publish;

import java.io.IOException;
import java.io.OutputStream;
import java.util.Map;
import java.util.UUID;
import org.eclipse.rdf4j.model.BNode;
import org.eclipse.rdf4j.model.IRI;
import org.eclipse.rdf4j.model.Model;
import org.eclipse.rdf4j.model.Resource;
import org.eclipse.rdf4j.model.Value;
import org.eclipse.rdf4j.model.ValueFactory;
import org.eclipse.rdf4j.model.impl.LinkedHashModel;
import org.eclipse.rdf4j.model.impl.SimpleValueFactory;
import org.eclipse.rdf4j.model.vocabulary.DCTERMS;
import org.eclipse.rdf4j.model.vocabulary.RDF;
import org.eclipse.rdf4j.model.vocabulary.RDFS;
import org.eclipse.rdf4j.model.vocabulary.SKOS;
import org.eclipse.rdf4j.model.vocabulary.XSD;
import org.eclipse.rdf4j.rio.RDFFormat;
import org.eclipse.rdf4j.rio.Rio;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Numbering;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Passage;

/**
 * A map as a concept scheme (W3C SKOS, 2009) in Turtle; passages are annotations of it (W3C Web
 * Annotation Vocabulary, 2017).
 */
final class Skos {
  private static final String OWN = "urn:pergamena:";
  private static final String ANNOTATIONS = "http://www.w3.org/ns/oa#";

  private final ValueFactory values = SimpleValueFactory.getInstance();
  private final Model model = new LinkedHashModel();
  private final Publication publication;
  private final TopicMap map;
  private final String language;

  private Skos(Publication publication) {
    this.publication = publication;
    this.map = publication.map();
    this.language = publication.language();
  }

  static void write(Publication publication, OutputStream out) throws IOException {
    Skos skos = new Skos(publication);
    skos.make();
    Rio.write(skos.model, out, RDFFormat.TURTLE);
  }

  private IRI iri(UUID id) {
    return values.createIRI("urn:uuid:" + id);
  }

  private IRI oa(String name) {
    return values.createIRI(ANNOTATIONS, name);
  }

  private void say(Resource subject, IRI predicate, Value object) {
    model.add(subject, predicate, object);
  }

  private void words(Resource subject, IRI predicate, String words) {
    if (!words.isBlank()) {
      say(subject, predicate, values.createLiteral(words, language));
    }
  }

  private void make() {
    model.setNamespace(SKOS.NS);
    model.setNamespace(DCTERMS.NS);
    model.setNamespace("oa", ANNOTATIONS);
    model.setNamespace(RDFS.NS);
    model.setNamespace(XSD.NS);
    model.setNamespace("pg", OWN);
    IRI scheme = iri(map.root().id());
    say(scheme, RDF.TYPE, SKOS.CONCEPT_SCHEME);
    words(scheme, DCTERMS.TITLE, map.root().label());
    publication.works().list().forEach(this::work);
    Map<UUID, String> numbers = Numbering.of(map);
    for (Topic topic : map.preorder()) {
      if (topic.parent() != null) {
        topic(topic, scheme, numbers.get(topic.id()));
      }
      topic.evidence().forEach(evidence -> passage(evidence, iri(topic.id())));
    }
    map.links().forEach(this::link);
  }

  private void work(Works.Shelved shelved) {
    if (shelved.source() != null) {
      IRI source = iri(shelved.source());
      say(source, RDF.TYPE, DCTERMS.BIBLIOGRAPHIC_RESOURCE);
      words(source, DCTERMS.TITLE, shelved.name());
    }
  }

  private void topic(Topic topic, IRI scheme, String number) {
    IRI concept = iri(topic.id());
    say(concept, RDF.TYPE, SKOS.CONCEPT);
    say(concept, SKOS.IN_SCHEME, scheme);
    words(concept, SKOS.PREF_LABEL, topic.label());
    if (!number.isEmpty()) {
      say(concept, SKOS.NOTATION, values.createLiteral(number));
    }
    words(concept, SKOS.DEFINITION, topic.content().gloss().definition());
    words(concept, SKOS.NOTE, topic.note());
    words(concept, SKOS.SCOPE_NOTE, topic.summary());
    if (topic.parent().equals(map.root().id())) {
      say(concept, SKOS.TOP_CONCEPT_OF, scheme);
      say(scheme, SKOS.HAS_TOP_CONCEPT, concept);
    } else {
      say(concept, SKOS.BROADER, iri(topic.parent()));
      say(iri(topic.parent()), SKOS.NARROWER, concept);
    }
  }

  private void passage(Evidence evidence, IRI topic) {
    Passage passage = evidence.passage();
    IRI annotation = iri(evidence.id());
    say(annotation, RDF.TYPE, oa("Annotation"));
    say(annotation, oa("motivatedBy"), oa("classifying"));
    say(annotation, oa("hasBody"), topic);
    BNode target = values.createBNode();
    say(annotation, oa("hasTarget"), target);
    say(target, oa("hasSource"), iri(passage.source()));
    BNode quote = values.createBNode();
    say(target, oa("hasSelector"), quote);
    say(quote, RDF.TYPE, oa("TextQuoteSelector"));
    say(quote, oa("exact"), values.createLiteral(passage.exact()));
    say(quote, oa("prefix"), values.createLiteral(passage.prefix()));
    say(quote, oa("suffix"), values.createLiteral(passage.suffix()));
    if (passage.anchored()) {
      BNode position = values.createBNode();
      say(target, oa("hasSelector"), position);
      say(position, RDF.TYPE, oa("TextPositionSelector"));
      say(position, oa("start"), values.createLiteral(passage.start()));
      say(position, oa("end"), values.createLiteral(passage.end()));
    }
  }

  /** SKOS has no words for why two concepts are related; those stand beside it. */
  private void link(CrossLink link) {
    IRI from = iri(link.from());
    IRI to = iri(link.to());
    boolean both = !link.from().equals(map.root().id()) && !link.to().equals(map.root().id());
    if (both) {
      say(from, SKOS.RELATED, to);
    }
    IRI relation = iri(link.id());
    say(relation, RDF.TYPE, values.createIRI(OWN, "CrossLink"));
    say(relation, values.createIRI(OWN, "from"), from);
    say(relation, values.createIRI(OWN, "to"), to);
    words(relation, RDFS.LABEL, link.phrase());
    words(relation, RDFS.COMMENT, link.note());
  }
}
