/** What the person wishes the map to be about: which parts answer it, and which terms it has. */
package org.pergamena.core.distil.steer;
