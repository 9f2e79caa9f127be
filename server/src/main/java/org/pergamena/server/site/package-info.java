/** The page itself, and errors as problem details. */
package org.pergamena.server.site;
