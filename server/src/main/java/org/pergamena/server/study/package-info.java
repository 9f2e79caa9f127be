/** What people ask of their maps, and the questions that they keep. */
package org.pergamena.server.study;
