/** Pages of the web. */
package org.pergamena.formats.web;
