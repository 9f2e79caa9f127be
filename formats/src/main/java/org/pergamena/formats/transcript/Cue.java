package org.pergamena.formats.transcript;

/**
 * A timed piece of speech as it stands in the file.
 *
 * @param speaker or null
 * @param sounds what was taken out of it, {@code [music]}, or empty
 */
record Cue(long startMs, long endMs, String speaker, String words, String sounds) {}
