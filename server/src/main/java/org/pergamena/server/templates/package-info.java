/** Templates of text documents that persons have brought. */
package org.pergamena.server.templates;
