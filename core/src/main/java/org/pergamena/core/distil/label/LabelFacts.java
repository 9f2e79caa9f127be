package org.pergamena.core.distil.label;

/**
 * A label that a group could have.
 *
 * @param facts numbers that it is rated by, always in the same order
 */
public record LabelFacts(String label, double[] facts) {}
