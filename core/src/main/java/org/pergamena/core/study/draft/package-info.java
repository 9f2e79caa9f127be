/** A draft held against what it is to say, and against the topics of a map. */
package org.pergamena.core.study.draft;
