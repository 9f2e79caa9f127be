/** The demonstration map that every new visitor gets a copy of. */
package org.pergamena.server.demo;
