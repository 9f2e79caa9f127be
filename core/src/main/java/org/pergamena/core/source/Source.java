package org.pergamena.core.source;

import java.util.UUID;

/**
 * A document, article or transcript that a person brought in.
 *
 * @param name what the person calls it
 */
public record Source(UUID id, String name, SourceText text) {}
