/** What people ask of text assistants, written out; nothing is sent from here. */
package org.pergamena.server.briefs;
