package org.pergamena.core.map;

/** A map after a change, with the change that leads back and what was touched. */
public record Applied(TopicMap map, Change inverse, Touched touched) {}
