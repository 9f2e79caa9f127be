/** Questions in words, answered by passages. */
package org.pergamena.core.study.ask;
