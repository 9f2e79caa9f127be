package org.pergamena.core.reference;

/**
 * A work that can be cited.
 *
 * @param key what citations of it in notes name, of one map each its own
 */
public record Work(String key, Reference reference) {}
