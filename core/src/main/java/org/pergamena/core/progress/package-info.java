/** How far long work is, told to whoever waits for it. */
package org.pergamena.core.progress;
