/** Reading files in processes of their own, so that a bad one harms nothing else. */
package org.pergamena.server.reading;
