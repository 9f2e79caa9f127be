/** Many people at a time, measured. */
package org.pergamena.server.load;
