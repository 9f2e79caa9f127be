/**
 * Computes a topic map from sources: sentences, parts, groups, labels, quotes, each a step of its
 * own below this package. The same sources and options always give the same map.
 */
package org.pergamena.core.distil;
