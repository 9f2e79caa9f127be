/**
 * The front door for reading: bytes and a file name in, a source text or one clear sentence out.
 */
package org.pergamena.formats;
