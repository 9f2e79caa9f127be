/** What a person asks of a map and its sources, each answer with the passages that bear it out. */
package org.pergamena.core.study;
