/** When things happened: times with the grain that they are told in, read from texts. */
package org.pergamena.core.time;
