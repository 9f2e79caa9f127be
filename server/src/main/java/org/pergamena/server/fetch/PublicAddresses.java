package org.pergamena.server.fetch;

import java.net.Inet6Address;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.Arrays;

/** Which addresses of the Internet are public (IANA special-purpose registries, RFC 6890). */
final class PublicAddresses {
  private static final int[][] PRIVATE_4 = {
    {0, 0, 8},
    {10, 0, 8},
    {100, 64, 10},
    {127, 0, 8},
    {169, 254, 16},
    {172, 16, 12},
    {192, 0, 16}, // protocol assignments 192.0.0.0/24 and documentation 192.0.2.0/24
    {192, 168, 16},
    {198, 18, 15},
    {198, 51, 16},
    {203, 0, 16},
    {224, 0, 3}
  };

  private PublicAddresses() {}

  /** Whether an address is one that anybody on the Internet can reach. */
  static boolean isPublic(InetAddress address) {
    byte[] bytes = address.getAddress();
    return bytes.length == 4 ? isPublic4(bytes) : isPublic6((Inet6Address) address);
  }

  private static boolean isPublic4(byte[] bytes) {
    int first16 = (bytes[0] & 255) << 8 | bytes[1] & 255;
    for (int[] block : PRIVATE_4) {
      int mask = 0xFFFF << (16 - block[2]) & 0xFFFF;
      if ((first16 & mask) == (block[0] << 8 | block[1])) {
        return false;
      }
    }
    return true;
  }

  /** Only global unicast, and no way around into addresses of version 4 that are not public. */
  private static boolean isPublic6(Inet6Address address) {
    byte[] bytes = address.getAddress();
    boolean global = (bytes[0] & 0xE0) == 0x20;
    boolean documentation =
        bytes[0] == 0x20
            && bytes[1] == 0x01
            && (bytes[2] & 255) == 0x0D
            && (bytes[3] & 255) == 0xB8;
    boolean teredo = bytes[0] == 0x20 && bytes[1] == 0x01 && bytes[2] == 0 && bytes[3] == 0;
    boolean sixToFour = bytes[0] == 0x20 && bytes[1] == 0x02;
    if (!global || documentation || teredo) {
      return false;
    }
    return !sixToFour || isPublic4(Arrays.copyOfRange(bytes, 2, 6));
  }

  /** All addresses of a host, none of which may be private. */
  static InetAddress[] resolve(String host) throws UnknownHostException {
    InetAddress[] all = InetAddress.getAllByName(host);
    for (InetAddress address : all) {
      if (!isPublic(address)) {
        throw new NotPublicException(host);
      }
    }
    return all;
  }

  /** A host that is not on the public Internet. */
  static final class NotPublicException extends UnknownHostException {
    private static final long serialVersionUID = 1L;

    NotPublicException(String host) {
      super(host);
    }
  }
}
