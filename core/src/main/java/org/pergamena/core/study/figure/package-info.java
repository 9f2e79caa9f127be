/** The quantities that the sources give, with units and what they count. */
package org.pergamena.core.study.figure;
