/** Names a group by a noun phrase of its own text. */
package org.pergamena.core.distil.label;
