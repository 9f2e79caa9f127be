/** Office documents, presentations and e-books. */
package org.pergamena.formats.document;
