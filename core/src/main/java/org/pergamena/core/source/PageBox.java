package org.pergamena.core.source;

/**
 * A rectangle on a page, in points from its upper left corner.
 *
 * @param page from 1
 */
public record PageBox(int page, float left, float top, float right, float bottom) {}
