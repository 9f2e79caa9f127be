/** What the cross-links of a map say together: what goes without saying, which topics matter. */
package org.pergamena.core.relate;
