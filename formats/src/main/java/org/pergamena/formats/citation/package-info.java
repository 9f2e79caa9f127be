/** Citations and references in the styles of CSL 1.0.2, and lists of references as files. */
package org.pergamena.formats.citation;
