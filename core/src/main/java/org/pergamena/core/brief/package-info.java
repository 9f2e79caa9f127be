/** What a person asks of a text assistant, written out so that the answer can be taken in. */
package org.pergamena.core.brief;
