/**
 * The way in from other devices at home: HTTPS on the addresses of the home network, with certificates of the program's
 * own. Off unless {@code fairacre.home.port} is set; start reading at {@link fairacre.server.home.HomeNetwork}.
 *
 * <p>A phone trusts the certificate once it trusts the authority that signed it
 * ({@link fairacre.server.home.HomeAuthority}). Without that its browser warns, and pages don't open without a signal,
 * since browsers keep pages only of addresses they trust.
 */
package fairacre.server.home;
