package org.pergamena.server.reading;

import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * What reading one file may take.
 *
 * @param megabytes of memory
 * @param silentSeconds without any progress
 * @param seconds in all; scanned pages take several each
 */
@ConfigurationProperties("pergamena.reading")
public record ReadingLimits(
    @DefaultValue("400") int megabytes,
    @DefaultValue("60") int silentSeconds,
    @DefaultValue("1800") int seconds) {
  String tooLarge() {
    return "Reading this file takes more than "
        + megabytes
        + " MB of memory, so it was stopped. Split the file or leave pictures out, and add it again.";
  }

  String tooSlow() {
    return "Reading this file came to nothing within "
        + (silentSeconds < 120 ? silentSeconds + " seconds" : silentSeconds / 60 + " minutes")
        + ", so it was stopped. Save it anew where it came from, or split it, and add it again.";
  }
}
