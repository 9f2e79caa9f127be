/** Cuts a source into parts: by its headings, or where its vocabulary changes. */
package org.pergamena.core.distil.segment;
