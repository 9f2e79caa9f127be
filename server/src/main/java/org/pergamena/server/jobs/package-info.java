/** Long work: kept in the database, with progress, cancelled on demand. */
package org.pergamena.server.jobs;
