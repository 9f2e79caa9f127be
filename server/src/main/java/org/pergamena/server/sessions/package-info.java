/** By what a browser is known again: sessions, their cookie, and how another browser comes in. */
package org.pergamena.server.sessions;
