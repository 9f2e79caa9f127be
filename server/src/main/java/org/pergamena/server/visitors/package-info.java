/** Who is there: visitors by signed cookie, and what protects their requests. */
package org.pergamena.server.visitors;
