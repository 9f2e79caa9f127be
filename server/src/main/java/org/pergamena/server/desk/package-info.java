/** The API of the desk: what the page shows and what a person does there. */
package org.pergamena.server.desk;
