/** Tables that are pasted: topics, terms and relations as rows. */
package org.pergamena.core.table;
