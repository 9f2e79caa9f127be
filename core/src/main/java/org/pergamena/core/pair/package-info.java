/** Finds which topics of two maps or outlines mean the same. */
package org.pergamena.core.pair;
