package org.pergamena.formats.transcript;

/**
 * A timed piece of speech as it stands in the file.
 *
 * @param speaker or null
 */
record Cue(long startMs, long endMs, String speaker, String words) {}
