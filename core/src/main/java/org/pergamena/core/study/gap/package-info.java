/** What a map leans on, and where it has loose ends. */
package org.pergamena.core.study.gap;
