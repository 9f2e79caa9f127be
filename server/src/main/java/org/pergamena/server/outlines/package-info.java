/** Outlines that became maps, and the passages that may bear out their topics. */
package org.pergamena.server.outlines;
