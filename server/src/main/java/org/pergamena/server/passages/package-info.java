/** What the reading page shows: passages in their context, whole sources, and searching them. */
package org.pergamena.server.passages;
