/** Maps: loading, changing, undoing, and the desk that shows them. */
package org.pergamena.server.maps;
