/** Pictures of a scene. */
package org.pergamena.formats.picture;
