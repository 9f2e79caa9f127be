/** What reading gives: the kind of file, its text, or why it cannot be read. */
package org.pergamena.formats.read;
