/** Words out of pictures of pages, by Debian's tesseract where it is installed. */
package org.pergamena.formats.scan;
