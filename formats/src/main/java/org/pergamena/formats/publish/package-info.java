/** Maps as files: one writer for each format. */
package org.pergamena.formats.publish;
