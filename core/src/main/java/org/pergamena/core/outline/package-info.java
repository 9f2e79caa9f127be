/** The map as indented text. */
package org.pergamena.core.outline;
