package org.pergamena.core.map;

import java.util.UUID;
import org.pergamena.core.source.Span;

/** A stretch of one source that a topic accounts for. */
public record Extent(UUID source, Span span) {}
