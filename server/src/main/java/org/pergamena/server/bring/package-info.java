/** Maps brought in from files, as new maps. */
package org.pergamena.server.bring;
