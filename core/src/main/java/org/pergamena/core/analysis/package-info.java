/** What can be said about a map: how well its topics are borne out, and what it leaves out. */
package org.pergamena.core.analysis;
