/** Maps as files to take along. */
package org.pergamena.server.export;
