/** Texts that people write on a map: saved while they are typed, merged where two write in one. */
package org.pergamena.core.writing;
