/** The map as JSON for programs. */
package org.pergamena.formats.json;
