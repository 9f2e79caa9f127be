package org.pergamena.core.study.figure;

/**
 * What a person did to a quantity by hand.
 *
 * @param quote its passage, so that it can be told if it is gone
 * @param of of what it is; empty if that stays
 * @param off whether it is none
 */
public record FigureMark(String key, String quote, String of, boolean off) {}
