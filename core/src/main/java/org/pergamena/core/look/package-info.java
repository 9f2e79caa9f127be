/** Which look each topic of a map has: by hand, else by rule, else as the theme says. */
package org.pergamena.core.look;
