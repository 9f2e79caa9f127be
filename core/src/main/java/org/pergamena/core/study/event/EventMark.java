package org.pergamena.core.study.event;

/**
 * What a person did to a dated statement by hand.
 *
 * @param key of the statement; for what a person added themselves a key of its own
 * @param quote its words when that was done, so that it can be told if they are gone
 * @param when the time that it was given, as ISO 8601-2 writes it; empty if it stays
 * @param label what it was called; empty if it stays
 * @param off whether it was taken off the line
 * @param with the key of the statement that it was joined with, empty for none
 * @param apart whether it stands by itself, whatever resembles it
 * @param own whether a person added it: it is in no source
 */
public record EventMark(
    String key,
    String quote,
    String when,
    String label,
    boolean off,
    String with,
    boolean apart,
    boolean own) {}
