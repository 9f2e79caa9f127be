package org.pergamena.server.fetch;

import java.net.URI;

/**
 * What an address led to.
 *
 * @param address where it was found in the end, after redirects
 * @param type media type as the server says it, without parameters, may be empty
 */
public record Fetched(URI address, String type, byte[] bytes) {
  /** The last part of the address's path, a name for the file; never empty. */
  public String fileName() {
    String path = address.getPath() == null ? "" : address.getPath().replaceAll("/+$", "");
    String last = path.substring(path.lastIndexOf('/') + 1);
    String name = last.isBlank() ? address.getHost() : last;
    return name.contains(".") || !isPage() ? name : name + ".html";
  }

  /** Whether it is a page of the web. */
  public boolean isPage() {
    return type.equals("text/html") || type.equals("application/xhtml+xml");
  }
}
