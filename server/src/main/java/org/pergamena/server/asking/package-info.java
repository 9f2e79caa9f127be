/** Asking a text assistant that a person has set, and what it answers as it comes. */
package org.pergamena.server.asking;
