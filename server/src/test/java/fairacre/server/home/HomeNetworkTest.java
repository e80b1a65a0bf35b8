package fairacre.server.home;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fairacre.server.RunningServer;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.KeyStore;
import java.security.cert.CertificateFactory;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLHandshakeException;
import javax.net.ssl.TrustManagerFactory;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Another device at home that trusts the household's authority and nobody else. */
class HomeNetworkTest {

    @TempDir
    static Path directory;

    private static RunningServer server;

    @BeforeAll
    static void start() {
        server = RunningServer.atHome(directory.resolve("home"), "garden.home");
    }

    @AfterAll
    static void stop() {
        server.stop();
    }

    private static HttpClient trusting() throws Exception {
        KeyStore trusted = KeyStore.getInstance("PKCS12");
        trusted.load(null, null);
        try (var in = Files.newInputStream(directory.resolve("home/fair-acre-at-home.crt"))) {
            trusted.setCertificateEntry(
                    "home", CertificateFactory.getInstance("X.509").generateCertificate(in));
        }
        TrustManagerFactory managers = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
        managers.init(trusted);
        SSLContext context = SSLContext.getInstance("TLS");
        context.init(null, managers.getTrustManagers(), null);
        return HttpClient.newBuilder().sslContext(context).build();
    }

    private static HttpResponse<byte[]> get(HttpClient client, String path, String... headers) throws Exception {
        HttpRequest.Builder request =
                HttpRequest.newBuilder(URI.create("https://localhost:" + server.homePort() + path));
        if (headers.length > 0) {
            request.headers(headers);
        }
        return client.send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
    }

    @Test
    void itIsOpenToWhoeverTrustsTheAuthority() throws Exception {
        HttpResponse<byte[]> session = get(trusting(), "/api/session");
        assertThat(session.statusCode()).isEqualTo(200);
        assertThat(session.headers().allValues("set-cookie"))
                .as("cookies that go through HTTPS only")
                .isNotEmpty()
                .allMatch(cookie -> cookie.contains("Secure"));
        assertThat(session.headers().firstValue("strict-transport-security")).isEmpty();
    }

    @Test
    void aDeviceThatDoesNotTrustItGetsNothing() {
        assertThatThrownBy(() -> get(HttpClient.newHttpClient(), "/api/session"))
                .isInstanceOf(SSLHandshakeException.class);
    }

    @Test
    void theCertificateToTrustIsHandedOut() throws Exception {
        assertThat(get(trusting(), "/fair-acre-at-home.crt").body())
                .isEqualTo(Files.readAllBytes(directory.resolve("home/fair-acre-at-home.crt")));
    }

    @Test
    void theWayInForTheMachineItselfStaysAsItIs() throws Exception {
        HttpRequest plain = HttpRequest.newBuilder(URI.create(server.address() + "/fair-acre-at-home.crt"))
                .build();
        assertThat(HttpClient.newHttpClient()
                        .send(plain, HttpResponse.BodyHandlers.discarding())
                        .statusCode())
                .isEqualTo(200);
    }
}
