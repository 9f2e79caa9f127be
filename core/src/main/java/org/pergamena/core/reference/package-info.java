/** Works as they are cited: what is known of them, and how a text refers to them. */
package org.pergamena.core.reference;
