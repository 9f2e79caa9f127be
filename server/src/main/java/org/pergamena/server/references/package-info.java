/**
 * Works as they are cited: those without a text, lists of references, styles, and where what is
 * cited.
 */
package org.pergamena.server.references;
