/** What of a map is published, and the report that is made of it, whatever the format. */
package org.pergamena.core.publish;
