/** Fetching pages of the public web, and nothing but the public web. */
package org.pergamena.server.fetch;
