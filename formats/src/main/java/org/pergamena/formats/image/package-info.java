/** Images that topics show: read, made safe, made smaller, found in documents. */
package org.pergamena.formats.image;
