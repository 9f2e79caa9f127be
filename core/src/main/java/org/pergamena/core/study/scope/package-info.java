/** From a wide subject to a question for research, and what the sources already say to it. */
package org.pergamena.core.study.scope;
