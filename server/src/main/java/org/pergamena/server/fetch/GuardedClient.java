package org.pergamena.server.fetch;

import java.net.InetAddress;
import java.net.UnknownHostException;
import org.apache.hc.client5.http.DnsResolver;
import org.apache.hc.client5.http.config.ConnectionConfig;
import org.apache.hc.client5.http.config.RequestConfig;
import org.apache.hc.client5.http.impl.classic.CloseableHttpClient;
import org.apache.hc.client5.http.impl.classic.HttpClients;
import org.apache.hc.client5.http.impl.io.PoolingHttpClientConnectionManagerBuilder;
import org.apache.hc.core5.util.Timeout;

/**
 * Clients that reach public addresses alone. Names are resolved once, and it is those addresses
 * that are connected to, so that a name cannot change its meaning in between.
 */
public final class GuardedClient {
  private static final int CONNECT_SECONDS = 8;
  private static final DnsResolver PUBLIC = resolver(true);
  private static final DnsResolver ANY = resolver(false);

  private GuardedClient() {}

  /**
   * A client for one exchange, which follows no redirect, keeps no cookie and unpacks nothing.
   *
   * @param trusted whether the host may be a private one
   * @param between seconds that may pass between two parts of an answer
   * @param first seconds that may pass before it begins
   */
  static CloseableHttpClient of(boolean trusted, int between, int first) {
    return HttpClients.custom()
        .disableRedirectHandling()
        .disableCookieManagement()
        .disableAuthCaching()
        .disableAutomaticRetries()
        .disableContentCompression()
        .setConnectionManager(
            PoolingHttpClientConnectionManagerBuilder.create()
                .setDnsResolver(trusted ? ANY : PUBLIC)
                .setDefaultConnectionConfig(
                    ConnectionConfig.custom()
                        .setConnectTimeout(Timeout.ofSeconds(CONNECT_SECONDS))
                        .setSocketTimeout(Timeout.ofSeconds(between))
                        .build())
                .build())
        .setDefaultRequestConfig(
            RequestConfig.custom().setResponseTimeout(Timeout.ofSeconds(first)).build())
        .build();
  }

  /** Whether a failure is that of a host which is not public. */
  public static boolean isPrivate(UnknownHostException e) {
    return e instanceof PublicAddresses.NotPublicException;
  }

  private static DnsResolver resolver(boolean onlyPublic) {
    return new DnsResolver() {
      @Override
      public InetAddress[] resolve(String host) throws UnknownHostException {
        return onlyPublic ? PublicAddresses.resolve(host) : InetAddress.getAllByName(host);
      }

      @Override
      public String resolveCanonicalHostname(String host) {
        return host;
      }
    };
  }
}
