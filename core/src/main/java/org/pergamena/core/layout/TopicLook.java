package org.pergamena.core.layout;

import java.util.List;

/**
 * What is drawn of a topic beside its label.
 *
 * @param number its place, as 2.3.1; empty for the root
 * @param tally for each of its passages the source's place among the map's sources, from 0
 * @param warning a word such as <em>thin</em>, or empty
 */
public record TopicLook(String number, List<Integer> tally, String warning) {}
