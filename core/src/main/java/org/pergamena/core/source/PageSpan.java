package org.pergamena.core.source;

/**
 * The code units that stand on one page.
 *
 * @param number the page's place in the file, from 1
 * @param label what is printed on it as its number
 */
public record PageSpan(int start, int end, int number, String label) {}
