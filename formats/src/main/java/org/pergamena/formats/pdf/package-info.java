/** PDF documents. */
package org.pergamena.formats.pdf;
