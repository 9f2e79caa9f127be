/** Works found in a library catalogue, and a small one that ships with the demonstration. */
package org.pergamena.server.catalogue;
