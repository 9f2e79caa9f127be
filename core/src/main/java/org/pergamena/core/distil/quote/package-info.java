/** Chooses the passages that bear a topic out. */
package org.pergamena.core.distil.quote;
