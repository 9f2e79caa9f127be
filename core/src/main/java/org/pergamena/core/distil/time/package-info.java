/** When what a text tells took place. */
package org.pergamena.core.distil.time;
