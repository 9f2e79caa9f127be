package org.pergamena.server.maps;

import java.io.File;
import java.util.function.LongSupplier;
import org.pergamena.server.site.Refused;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** The disk that the database is on, where it is one of this machine. */
@Component
class Disk {
  private final LongSupplier free;
  private final long least;

  @Autowired
  Disk(
      @Value("${pergamena.home}") String home, @Value("${pergamena.limits.free-disk}") long least) {
    this(home.isEmpty() ? () -> Long.MAX_VALUE : new File(home)::getUsableSpace, least);
  }

  /**
   * A disk.
   *
   * @param free bytes of it
   * @param least bytes that stay free, for what is changed on maps that are there
   */
  Disk(LongSupplier free, long least) {
    this.free = free;
    this.least = least;
  }

  /** Refuses what would leave too little room. */
  void requireRoom(long bytes) {
    if (free.getAsLong() - bytes < least) {
      throw new Refused(
          HttpStatus.INSUFFICIENT_STORAGE,
          "The disk of this server is nearly full, so nothing more is taken in. What is there can be"
              + " read, changed and saved; more can be brought once room has been made.");
    }
  }
}
