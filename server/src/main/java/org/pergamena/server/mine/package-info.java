/** All that is a person's: to take along, or to be gone. */
package org.pergamena.server.mine;
