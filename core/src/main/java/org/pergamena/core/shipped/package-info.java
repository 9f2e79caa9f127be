/** What ships with the application as a list: each by its name, found by words. */
package org.pergamena.core.shipped;
