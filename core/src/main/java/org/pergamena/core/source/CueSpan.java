package org.pergamena.core.source;

/**
 * The code units that were spoken in one timed cue of a transcript.
 *
 * @param startMs milliseconds from the start of the recording
 * @param endMs milliseconds from the start of the recording
 * @param speaker the speaker's name, or null where the transcript does not say
 */
public record CueSpan(int start, int end, long startMs, long endMs, String speaker) {}
