/** Maps that come back in from files. */
package org.pergamena.formats.bring;
