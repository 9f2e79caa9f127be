package org.pergamena.server.sessions;

import java.util.LinkedHashMap;
import java.util.Map;

/** A browser's name for a person, as far as it tells its name. */
final class Browser {
  static final String UNKNOWN = "A browser";

  /** What tells a browser, the narrower first: many name others beside themselves. */
  private static final Map<String, String> NAMES = new LinkedHashMap<>();

  private static final Map<String, String> SYSTEMS = new LinkedHashMap<>();

  static {
    NAMES.put("Edg", "Edge");
    NAMES.put("OPR/", "Opera");
    NAMES.put("Firefox/", "Firefox");
    NAMES.put("FxiOS/", "Firefox");
    NAMES.put("Chrom", "Chromium");
    NAMES.put("CriOS/", "Chromium");
    NAMES.put("Safari/", "Safari");
    SYSTEMS.put("Android", "Android");
    SYSTEMS.put("iPhone", "iPhone");
    SYSTEMS.put("iPad", "iPad");
    SYSTEMS.put("Windows", "Windows");
    SYSTEMS.put("Mac OS", "macOS");
    SYSTEMS.put("CrOS", "ChromeOS");
    SYSTEMS.put("Linux", "Linux");
  }

  private Browser() {}

  /** The name, such as "Firefox on Linux". */
  static String named(String userAgent) {
    String name = in(NAMES, userAgent);
    String system = in(SYSTEMS, userAgent);
    return (name == null ? UNKNOWN : name) + (system == null ? "" : " on " + system);
  }

  private static String in(Map<String, String> known, String userAgent) {
    return userAgent == null
        ? null
        : known.entrySet().stream()
            .filter(e -> userAgent.contains(e.getKey()))
            .map(Map.Entry::getValue)
            .findFirst()
            .orElse(null);
  }
}
