/**
 * The topic map as an immutable value, and the changes that turn one map into the next.
 *
 * <p>{@link org.pergamena.core.map.TopicMap#apply} gives the new map together with the inverse
 * change; nothing here is ever changed in place.
 */
package org.pergamena.core.map;
