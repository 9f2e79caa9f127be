/** Who is there: visitors and who they are, and what protects their requests. */
package org.pergamena.server.visitors;
