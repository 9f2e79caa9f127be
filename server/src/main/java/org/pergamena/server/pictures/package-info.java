/** Images that topics show, kept with their map. */
package org.pergamena.server.pictures;
