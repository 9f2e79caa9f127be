/** The command line: distilling files without a database or a browser. */
package org.pergamena.cli;
