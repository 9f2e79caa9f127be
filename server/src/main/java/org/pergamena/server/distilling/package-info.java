/** Making topics out of sources: distilling, deepening, folding in. */
package org.pergamena.server.distilling;
