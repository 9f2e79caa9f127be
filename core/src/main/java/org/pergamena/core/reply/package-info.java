/** What text assistants answer: read, checked against the sources, compared with a map. */
package org.pergamena.core.reply;
