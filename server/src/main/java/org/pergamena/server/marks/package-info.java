/** What people corrected by hand in what is computed from the sources. */
package org.pergamena.server.marks;
