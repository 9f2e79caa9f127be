/** Bringing sources to a map: files, pasted text, addresses, and the reading of them. */
package org.pergamena.server.gather;
