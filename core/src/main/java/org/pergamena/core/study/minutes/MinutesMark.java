package org.pergamena.core.study.minutes;

/**
 * What a person said of a sentence of minutes.
 *
 * @param key of the sentence
 * @param quote its words, so that it can be told if they are gone
 */
public record MinutesMark(String key, String quote, Minutes.Kind kind, String who, String until) {}
