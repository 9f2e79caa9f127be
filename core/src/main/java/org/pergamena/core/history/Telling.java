package org.pergamena.core.history;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.pergamena.core.map.AlsoChange;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.CommentChange;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.EvidenceChange;
import org.pergamena.core.map.LegendChange;
import org.pergamena.core.map.LinkChange;
import org.pergamena.core.map.LookChange;
import org.pergamena.core.map.ShelfChange;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.TreeChange;

/** Says in words what a change did. */
public final class Telling {
  private static final int MOST_KINDS = 3;
  private static final int LONGEST_LABEL = 60;

  private final TopicMap before;
  private final TopicMap after;

  private Telling(TopicMap before, TopicMap after) {
    this.before = before;
    this.after = after;
  }

  /** A sentence without a full stop, such as <em>Moved 3 topics, renamed one</em>. */
  public static String of(Change change, TopicMap before, TopicMap after) {
    return new Telling(before, after).tell(change.parts());
  }

  private String tell(List<Change> parts) {
    Map<String, List<Change>> kinds = new LinkedHashMap<>();
    for (Change part : parts) {
      kinds.computeIfAbsent(many(part), kind -> new ArrayList<>()).add(part);
    }
    if (parts.isEmpty()) {
      return "Left everything as it was";
    }
    List<String> told = new ArrayList<>();
    for (Map.Entry<String, List<Change>> kind : kinds.entrySet()) {
      if (told.size() < MOST_KINDS) {
        int count = kind.getValue().size();
        told.add(count == 1 ? one(kind.getValue().get(0)) : kind.getKey().replace("%", "" + count));
      }
    }
    String sentence = told.get(0);
    for (String next : told.subList(1, told.size())) {
      sentence += ", " + Character.toLowerCase(next.charAt(0)) + next.substring(1);
    }
    return sentence + (kinds.size() > MOST_KINDS ? " and more" : "");
  }

  /** How several changes of the same kind are told, their number as a per cent sign. */
  private static String many(Change part) {
    if (part instanceof TreeChange.AddBranch) {
      return "Added % topics";
    } else if (part instanceof TreeChange.RemoveBranch) {
      return "Took % topics out";
    } else if (part instanceof TreeChange.Move) {
      return "Moved % topics";
    } else if (part instanceof ContentChange.Relabel) {
      return "Renamed % topics";
    } else if (part instanceof ContentChange.Mark) {
      return "Changed the tags of % topics";
    } else if (part instanceof ContentChange.Illustrate) {
      return "Changed the pictures of % topics";
    } else if (part instanceof CommentChange) {
      return "Changed % remarks";
    } else if (part instanceof AlsoChange) {
      return "Changed in % places where topics are shown again";
    } else if (part instanceof ContentChange.SetAside) {
      return "Set % topics aside or took them back";
    } else if (part instanceof EvidenceChange || part instanceof ContentChange.Refill) {
      return "Changed the passages of topics % times";
    } else if (part instanceof ContentChange) {
      return "Changed the words on % topics";
    } else if (part instanceof LinkChange.Connect) {
      return "Made % links";
    } else if (part instanceof LinkChange.Disconnect) {
      return "Took % links away";
    } else if (part instanceof LinkChange) {
      return "Changed % links";
    } else if (part instanceof LookChange.Paint) {
      return "Changed the look or the place of % topics";
    }
    return "Changed the sources or the look % times";
  }

  private String one(Change part) {
    if (part instanceof TreeChange.AddBranch add) {
      int below = add.branch().topics().size() - 1;
      String label = quoted(add.branch().topics().get(0).label());
      return "Added " + label + (below > 0 ? " with " + below + " below" : "");
    } else if (part instanceof TreeChange.RemoveBranch remove) {
      return "Took " + label(remove.topic()) + " out";
    } else if (part instanceof TreeChange.Move move) {
      return "Moved " + label(move.topic()) + " under " + label(move.parent());
    } else if (part instanceof ContentChange content) {
      return content(content);
    } else if (part instanceof EvidenceChange.Link link) {
      return "Linked a passage to " + label(link.topic());
    } else if (part instanceof EvidenceChange.Unlink unlink) {
      return "Unlinked a passage from " + label(unlink.topic());
    } else if (part instanceof EvidenceChange.Judge judge) {
      return "Said how a passage bears on " + label(judge.topic());
    } else if (part instanceof LinkChange link) {
      return link(link);
    } else if (part instanceof LookChange.Paint paint) {
      return "Changed the look or the place of " + label(paint.topic());
    } else if (part instanceof LookChange) {
      return "Changed how the map is shown";
    } else if (part instanceof LegendChange) {
      return "Changed the tags of the map";
    } else if (part instanceof CommentChange comment) {
      return comment(comment);
    } else if (part instanceof AlsoChange.Show show) {
      return "Showed "
          + label(show.also().topic())
          + " under "
          + label(show.also().parent())
          + " too";
    } else if (part instanceof AlsoChange) {
      return "Showed a topic in one place fewer";
    } else if (part instanceof ShelfChange.Withdraw) {
      return "Took a source off the shelf";
    } else if (part instanceof ShelfChange.Restore) {
      return "Put a source on the shelf";
    }
    return "Gave a source another text";
  }

  private String content(ContentChange change) {
    if (change instanceof ContentChange.Relabel relabel) {
      String old = before.has(relabel.topic()) ? before.topic(relabel.topic()).label() : "";
      return "Renamed " + quoted(old) + " to " + quoted(relabel.label());
    } else if (change instanceof ContentChange.Annotate annotate) {
      return "Changed the note on " + label(annotate.topic());
    } else if (change instanceof ContentChange.DefineTopic define) {
      return "Changed the definition of " + label(define.topic());
    } else if (change instanceof ContentChange.Lead lead) {
      return "Changed the words on the line to " + label(lead.topic());
    } else if (change instanceof ContentChange.Mark mark) {
      return "Changed the tags of " + label(mark.topic());
    } else if (change instanceof ContentChange.Illustrate illustrate) {
      return "Changed the pictures of " + label(illustrate.topic());
    } else if (change instanceof ContentChange.SetAside aside) {
      return aside.aside()
          ? "Set " + label(aside.topic()) + " aside"
          : "Took " + label(aside.topic()) + " back";
    }
    return "Changed the passages of " + label(((ContentChange.Refill) change).topic());
  }

  private static String comment(CommentChange change) {
    if (change instanceof CommentChange.Say) {
      return "Made a remark";
    } else if (change instanceof CommentChange.Settle settle) {
      return settle.resolved() ? "Resolved a remark" : "Opened a remark again";
    }
    return change instanceof CommentChange.Reword
        ? "Changed the words of a remark"
        : "Took a remark away";
  }

  private String link(LinkChange change) {
    if (change instanceof LinkChange.Connect connect) {
      return "Linked " + label(connect.link().from()) + " to " + label(connect.link().to());
    } else if (change instanceof LinkChange.Disconnect gone) {
      return "Took the link " + ends(gone.link()) + " away";
    } else if (change instanceof LinkChange.Rephrase rephrase) {
      return "Changed the words on the link " + ends(rephrase.link());
    } else if (change instanceof LinkChange.Reattach reattach) {
      return "Led the link " + ends(reattach.link()) + " elsewhere";
    } else if (change instanceof LinkChange.Qualify qualify) {
      return "Changed how the link " + ends(qualify.link()) + " holds";
    } else if (change instanceof LinkChange.Ground ground) {
      return "Changed the passages of the link " + ends(ground.link());
    } else if (change instanceof LinkChange.Bow bow) {
      return (bow.bend() == null ? "Straightened" : "Bent") + " the link " + ends(bow.link());
    }
    return "Changed the note on the link " + ends(((LinkChange.Remark) change).link());
  }

  private String ends(UUID id) {
    CrossLink link = before.hasLink(id) ? before.link(id) : after.link(id);
    return link == null ? "that was there" : "of " + label(link.from()) + " to " + label(link.to());
  }

  private String label(UUID id) {
    Topic topic = before.has(id) ? before.topic(id) : after.has(id) ? after.topic(id) : null;
    return topic == null ? "a topic" : quoted(topic.label());
  }

  private static String quoted(String label) {
    String shown =
        label.length() > LONGEST_LABEL ? label.substring(0, LONGEST_LABEL - 1) + "…" : label;
    return "“" + shown + "”";
  }
}
