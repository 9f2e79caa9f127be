/**
 * What a source says and where: its immutable text, the blocks that the text is made of, and the
 * locators (page, time, speaker, heading) that an offset has for a person.
 *
 * <p>All offsets count UTF-16 code units into {@link org.pergamena.core.source.SourceText#text()}.
 */
package org.pergamena.core.source;
