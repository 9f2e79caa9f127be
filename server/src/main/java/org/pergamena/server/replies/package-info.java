/** Replies of text assistants, which people work with and take into their maps. */
package org.pergamena.server.replies;
