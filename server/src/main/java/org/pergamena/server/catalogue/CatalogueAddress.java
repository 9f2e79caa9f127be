package org.pergamena.server.catalogue;

/** Where a catalogue is that ships. */
public interface CatalogueAddress {
  /** Its address. */
  String address();

  /** What it is called. */
  String name();
}
