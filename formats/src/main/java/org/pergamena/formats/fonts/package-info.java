/** The faces that ship with the application, for measuring and drawing. */
package org.pergamena.formats.fonts;
