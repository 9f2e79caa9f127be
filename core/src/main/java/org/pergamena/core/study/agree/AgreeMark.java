package org.pergamena.core.study.agree;

/**
 * What a person said of two statements.
 *
 * @param key of the pair
 * @param quote the words of both, so that it can be told if they are gone
 * @param against whether they contradict each other
 * @param settled what the person found, may be empty
 */
public record AgreeMark(String key, String quote, boolean against, String settled) {}
