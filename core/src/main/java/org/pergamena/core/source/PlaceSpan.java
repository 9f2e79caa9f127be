package org.pergamena.core.source;

/**
 * The code units of one place that the file itself counts: a line, a paragraph, a row.
 *
 * @param label as a person reads it, {@code line 12} or {@code Costs, row 4}
 */
public record PlaceSpan(int start, int end, String label) {}
