package org.pergamena.server.desk;

import java.util.List;
import java.util.UUID;
import org.pergamena.core.layout.Scene;
import org.pergamena.core.map.Also;
import org.pergamena.core.map.Comment;
import org.pergamena.server.jobs.Jobs;

/** A desk at a moment, as it is compared with another; what is sent of it is made from it. */
record DeskState(
    UUID id,
    DeskFacts facts,
    List<Desk.TopicView> topics,
    List<Desk.CrossLinkView> links,
    List<Also> also,
    List<Comment> comments,
    List<Desk.SourceView> sources,
    Scene scene,
    List<Jobs.View> jobs,
    List<Desk.ProposalView> proposals) {

  /** All of it, as it is sent. */
  Desk whole() {
    return new Desk(
        id, facts, topics, links, also, comments, sources, SceneView.of(scene), jobs, proposals);
  }
}
