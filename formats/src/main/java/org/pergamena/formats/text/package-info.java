/** Plain text and Markdown. */
package org.pergamena.formats.text;
