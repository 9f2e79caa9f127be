package org.pergamena.server.maps;

/** What a person may do with a map; each role may do all that those before it may. */
public enum Role {
  READ,
  COMMENT,
  EDIT,
  OWN
}
