package org.pergamena.server.asking;

/** An assistant that ships with the application. */
public interface ShippedAssistant {
  /** Its address, {@code http://127.0.0.1:8473/v1}. */
  String address();

  /** Its host with the port. */
  String host();
}
