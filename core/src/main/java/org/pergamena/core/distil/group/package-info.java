/** Joins parts that are about the same thing. */
package org.pergamena.core.distil.group;
