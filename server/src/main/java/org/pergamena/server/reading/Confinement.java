package org.pergamena.server.reading;

import java.io.File;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * What a process that reads foreign files is kept from: the network, the rights of whoever started
 * the server, and secrets in its environment; each as far as this machine can do it (Linux, {@code
 * unshare} and {@code setpriv} of util-linux).
 */
final class Confinement {
  /** The user and group that own nothing. */
  static final int NOBODY = 65_534;

  private static final Logger LOG = LoggerFactory.getLogger(Confinement.class);
  private static final Set<String> KNOWN_VARIABLES =
      Set.of("PATH", "LANG", "LC_ALL", "TESSDATA_PREFIX", "JAVA_HOME");
  private static final long PATIENCE_SECONDS = 10;
  private static final List<String> WITHOUT_NETWORK = List.of("unshare", "--net");

  /** In namespaces of its own, so that it neither sees nor ends others of the same user. */
  static final List<String> APART =
      List.of("unshare", "--map-root-user", "--net", "--pid", "--fork", "--kill-child");

  private static final List<String> NO_MORE_RIGHTS = List.of("setpriv", "--no-new-privs");
  static final List<String> NO_RIGHTS =
      List.of(
          "setpriv", "--reuid=" + NOBODY, "--regid=" + NOBODY, "--clear-groups", "--no-new-privs");

  private static Confinement here;

  private final List<String> prefix;

  private Confinement(List<String> prefix) {
    this.prefix = prefix;
  }

  /** The closest that works here. */
  static synchronized Confinement here() {
    if (here == null) {
      here =
          candidates().stream()
              .filter(Confinement::works)
              .findFirst()
              .map(Confinement::new)
              .orElseGet(() -> new Confinement(List.of()));
      LOG.info("files are read {}", here);
    }
    return here;
  }

  private static List<List<String>> candidates() {
    boolean root = "root".equals(System.getProperty("user.name"));
    return root
        ? List.of(
            joined(WITHOUT_NETWORK, NO_RIGHTS),
            NO_RIGHTS,
            joined(WITHOUT_NETWORK, NO_MORE_RIGHTS),
            NO_MORE_RIGHTS)
        : List.of(joined(APART, NO_MORE_RIGHTS), NO_MORE_RIGHTS);
  }

  private static List<String> joined(List<String> first, List<String> second) {
    List<String> all = new ArrayList<>(first);
    all.addAll(second);
    return all;
  }

  /** Whether a process so confined begins, and may read the classes that it needs. */
  private static boolean works(List<String> prefix) {
    List<String> paths =
        Arrays.stream(System.getProperty("java.class.path").split(File.pathSeparator))
            .map(path -> path.replaceFirst("\\*$", ""))
            .distinct()
            .toList();
    List<String> probe = new ArrayList<>(prefix);
    probe.addAll(List.of("sh", "-c", "for f; do [ -r \"$f\" ] || exit 1; done", "probe"));
    probe.addAll(paths);
    probe.add(System.getProperty("java.home") + "/bin/java");
    try {
      Process process =
          new ProcessBuilder(probe)
              .redirectErrorStream(true)
              .redirectOutput(ProcessBuilder.Redirect.DISCARD)
              .start();
      boolean ended = process.waitFor(PATIENCE_SECONDS, TimeUnit.SECONDS);
      process.destroyForcibly();
      return ended && process.exitValue() == 0;
    } catch (IOException e) {
      return false;
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return false;
    }
  }

  /** A command so confined. */
  ProcessBuilder command(List<String> command, File temporary) {
    ProcessBuilder builder = new ProcessBuilder(joined(prefix, command));
    Map<String, String> environment = builder.environment();
    environment.keySet().retainAll(KNOWN_VARIABLES);
    environment.put("HOME", temporary.getPath());
    environment.put("TMPDIR", temporary.getPath());
    return builder;
  }

  /** Whether processes run as the user who owns nothing. */
  boolean asNobody() {
    return prefix.contains("--reuid=" + NOBODY);
  }

  boolean withoutNetwork() {
    return prefix.contains("--net");
  }

  @Override
  public String toString() {
    return (withoutNetwork() ? "without a network" : "with a network")
        + (asNobody()
            ? ", by a user without rights"
            : ", by the user of the server" + (prefix.contains("--pid") ? ", apart from it" : ""))
        + ", without secrets";
  }
}
