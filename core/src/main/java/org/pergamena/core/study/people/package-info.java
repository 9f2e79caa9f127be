/** Who is in the sources: people and bodies by their names and roles, and who occurs with whom. */
package org.pergamena.core.study.people;
