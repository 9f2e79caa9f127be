/** The application that serves maps. */
package org.pergamena.server;
