/** Tables: a row a paragraph. */
package org.pergamena.formats.table;
