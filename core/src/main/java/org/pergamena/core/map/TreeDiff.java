package org.pergamena.core.map;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** Finds the change that leads from one state of a map to another, topic by topic. */
public final class TreeDiff {
  private final Draft draft;
  private final TopicMap to;
  private final List<Change> changes = new ArrayList<>();

  private TreeDiff(TopicMap from, TopicMap to) {
    this.draft = from.draft();
    this.to = to;
  }

  /**
   * The change that makes one map's topics those of another. Topics of the same identity are moved
   * and changed, not made anew; both maps have the same root. Cross-links stay, but for those whose
   * ends go.
   */
  public static Change between(TopicMap from, TopicMap to) {
    return new Together(new TreeDiff(from, to).tree(from));
  }

  /** The change that makes one map another in all that it has; both have the same root. */
  public static Change whole(TopicMap from, TopicMap to) {
    TreeDiff diff = new TreeDiff(from, to);
    for (CrossLink link : from.links()) {
      if (!link.equals(to.link(link.id()))) {
        diff.apply(new LinkChange.Disconnect(link.id()));
      }
    }
    for (Also shown : from.also()) {
      if (!shown.equals(to.also(shown.id()))) {
        diff.apply(new AlsoChange.Hide(shown.id()));
      }
    }
    diff.tree(from);
    for (CrossLink link : to.links()) {
      if (!link.equals(from.link(link.id()))) {
        diff.apply(new LinkChange.Connect(link));
      }
    }
    for (Also shown : to.also()) {
      if (diff.draft.map().also(shown.id()) == null) {
        diff.apply(new AlsoChange.Show(shown));
      }
    }
    for (Comment comment : from.comments()) {
      if (!comment.equals(to.comment(comment.id()))) {
        diff.apply(new CommentChange.Unsay(comment.id()));
      }
    }
    for (Comment comment : to.comments()) {
      if (!comment.equals(from.comment(comment.id()))) {
        diff.apply(new CommentChange.Say(comment));
      }
    }
    if (!from.look().equals(to.look())) {
      diff.apply(new LookChange.Arrange(to.look()));
    }
    if (!from.legend().equals(to.legend())) {
      diff.apply(new LegendChange.Define(to.legend()));
    }
    return new Together(diff.changes);
  }

  private List<Change> tree(TopicMap from) {
    Map<UUID, UUID> last = new HashMap<>();
    for (Topic topic : to.preorder()) {
      if (topic.parent() != null) {
        place(topic, last.get(topic.parent()));
        last.put(topic.parent(), topic.id());
      }
      fill(topic);
    }
    for (Topic old : from.preorder()) {
      if (!to.has(old.id()) && draft.has(old.id())) {
        apply(new TreeChange.RemoveBranch(old.id()));
      }
    }
    return changes;
  }

  /** Puts a topic behind the sibling before it, if it does not stand there. */
  private void place(Topic topic, UUID before) {
    if (!draft.has(topic.id())) {
      Topic bare = Topic.of(topic.id(), topic.content());
      apply(new TreeChange.AddBranch(topic.parent(), Place.after(before), Branch.of(bare)));
      return;
    }
    Topic now = draft.topic(topic.id());
    boolean there = topic.parent().equals(now.parent());
    if (!there || !stands(now, before)) {
      apply(new TreeChange.Move(topic.id(), topic.parent(), Place.after(before)));
    }
  }

  /** Whether a topic comes after a sibling, with none between that stays. */
  private boolean stands(Topic topic, UUID before) {
    List<UUID> siblings = draft.topic(topic.parent()).children();
    for (int i = siblings.indexOf(topic.id()) - 1; i >= 0; i--) {
      if (siblings.get(i).equals(before)) {
        return true;
      }
      if (to.has(siblings.get(i))) {
        return false;
      }
    }
    return before == null;
  }

  private void fill(Topic topic) {
    filling(draft.topic(topic.id()), topic.content()).forEach(this::apply);
  }

  /** The changes that have a topic carry something else. */
  public static List<Change> filling(Topic topic, Content wanted) {
    List<Change> changes = new ArrayList<>();
    Content is = topic.content();
    UUID id = topic.id();
    if (!is.label().equals(wanted.label())) {
      changes.add(new ContentChange.Relabel(id, wanted.label()));
    }
    if (!is.note().equals(wanted.note())) {
      changes.add(new ContentChange.Annotate(id, wanted.note()));
    }
    if (is.aside() != wanted.aside()) {
      changes.add(new ContentChange.SetAside(id, wanted.aside()));
    }
    if (!is.look().equals(wanted.look())) {
      changes.add(new LookChange.Paint(id, wanted.look()));
    }
    Gloss gloss = wanted.gloss();
    if (!is.gloss().definition().equals(gloss.definition())
        || is.gloss().pinned() != gloss.pinned()) {
      changes.add(new ContentChange.DefineTopic(id, gloss.definition(), gloss.pinned()));
    }
    if (!is.gloss().phrase().equals(gloss.phrase())) {
      changes.add(new ContentChange.Lead(id, gloss.phrase()));
    }
    if (!is.gloss().tags().equals(gloss.tags())) {
      changes.add(new ContentChange.Mark(id, gloss.tags()));
    }
    if (!is.gloss().pictures().equals(gloss.pictures())) {
      changes.add(new ContentChange.Illustrate(id, gloss.pictures()));
    }
    boolean grounds =
        is.summary().equals(wanted.summary())
            && is.evidence().equals(wanted.evidence())
            && is.extent().equals(wanted.extent());
    if (!grounds) {
      changes.add(
          new ContentChange.Refill(id, wanted.summary(), wanted.evidence(), wanted.extent()));
    }
    return changes;
  }

  private void apply(Change change) {
    draft.apply(change);
    changes.add(change);
  }
}
