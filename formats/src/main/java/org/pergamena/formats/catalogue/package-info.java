/** Questions to library catalogues and their answers (SRU 1.2, CQL, Dublin Core, MARCXML). */
package org.pergamena.formats.catalogue;
