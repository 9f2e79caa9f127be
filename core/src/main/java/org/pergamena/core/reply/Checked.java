package org.pergamena.core.reply;

import java.util.List;
import java.util.UUID;
import org.pergamena.core.analysis.Matching.Match;
import org.pergamena.core.analysis.Support;
import org.pergamena.core.source.Passage;

/**
 * How a reply stands to the sources.
 *
 * @param points of each point of the reply what bears it out
 * @param unsaid what the sources say much about and the reply does not name, the most first
 */
public record Checked(List<Judged> points, List<Unsaid> unsaid) {
  public Checked {
    points = List.copyOf(points);
    unsaid = List.copyOf(unsaid);
  }

  /**
   * What bears a point out.
   *
   * @param matches passages that were found for it, the strongest first
   * @param cites passages that it names
   * @param claims numbers and names in it that stand in no source
   */
  public record Judged(
      Support.Grade grade, List<Match> matches, List<Cite> cites, List<String> claims) {
    public Judged {
      matches = List.copyOf(matches);
      cites = List.copyOf(cites);
      claims = List.copyOf(claims);
    }
  }

  /**
   * A passage that a point names.
   *
   * @param evidence that the key stands for, or null if no passage has it
   * @param strength how much of the point's words stand in it, 0 to 1
   */
  public record Cite(String key, UUID evidence, double strength) {}

  /**
   * Something that the sources say much about.
   *
   * @param term as it stands there most often
   * @param sentences in how many sentences
   * @param first where it stands first
   */
  public record Unsaid(String term, int sentences, Passage first) {}
}
