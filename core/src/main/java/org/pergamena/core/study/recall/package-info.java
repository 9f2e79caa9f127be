/** Questions made from a map, and when each is asked again. */
package org.pergamena.core.study.recall;
