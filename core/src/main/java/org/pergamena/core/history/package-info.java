/** Earlier states of a map: what was done in words, what differs, what is brought back. */
package org.pergamena.core.history;
