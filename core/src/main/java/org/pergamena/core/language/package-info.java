/** The language that a text is in. */
package org.pergamena.core.language;
