/**
 * Where everything on the map page goes. A layout is a pure function from a map to a {@link
 * org.pergamena.core.layout.Scene}; the browser and every picture export draw the same scene.
 *
 * <p>Lengths are in scene pixels: CSS pixels at a zoom of 1.
 */
package org.pergamena.core.layout;
