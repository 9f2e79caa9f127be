/** Words and sentences of a source, with their tags and stems. */
package org.pergamena.core.distil.text;
