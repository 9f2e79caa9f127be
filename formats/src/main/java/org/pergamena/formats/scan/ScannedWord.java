package org.pergamena.formats.scan;

/**
 * A word as it was found in a picture, in pixels from its upper left corner.
 *
 * @param line number of the line that it stands in, the same for all words of the line
 */
public record ScannedWord(String text, int line, int left, int top, int right, int bottom) {}
