/** What happened when, as the sources tell it: dated statements in order. */
package org.pergamena.core.study.event;
