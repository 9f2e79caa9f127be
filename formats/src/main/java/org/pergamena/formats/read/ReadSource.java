package org.pergamena.formats.read;

import org.pergamena.core.source.SourceText;

/**
 * What was read out of a file.
 *
 * @param title what the file itself gives as its title, or null
 */
public record ReadSource(SourceKind kind, String title, SourceText text) {}
