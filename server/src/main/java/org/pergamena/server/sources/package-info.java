/** Sources that a person brings: their bytes, their text, the reading of them. */
package org.pergamena.server.sources;
