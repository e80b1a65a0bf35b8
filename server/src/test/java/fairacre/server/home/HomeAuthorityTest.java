package fairacre.server.home;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.KeyStore;
import java.security.cert.CertPathValidator;
import java.security.cert.CertificateFactory;
import java.security.cert.PKIXParameters;
import java.security.cert.TrustAnchor;
import java.security.cert.X509Certificate;
import java.time.Duration;
import java.time.Instant;
import java.util.Date;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class HomeAuthorityTest {

    private static final Instant NOW = Instant.parse("2027-03-01T08:00:00Z");

    @TempDir
    Path directory;

    private static X509Certificate home(KeyStore store) throws Exception {
        return (X509Certificate) store.getCertificate("home");
    }

    @Test
    @DisplayName("its certificates hold by RFC 5280, as the JDK's PKIX validator reads it, until their last day")
    void itsCertificatesAreValid() throws Exception {
        HomeAuthority authority = HomeAuthority.in(directory.resolve("home"), NOW);
        X509Certificate certificate = home(authority.certify(List.of("garden.home", "192.0.2.7"), NOW));
        PKIXParameters parameters = new PKIXParameters(Set.of(new TrustAnchor(authority.certificate(), null)));
        parameters.setRevocationEnabled(false);
        for (Duration later : List.of(Duration.ZERO, Duration.ofDays(396))) {
            parameters.setDate(Date.from(NOW.plus(later)));
            CertPathValidator.getInstance("PKIX")
                    .validate(
                            CertificateFactory.getInstance("X.509").generateCertPath(List.of(certificate)), parameters);
        }
        assertThat(certificate.getSubjectAlternativeNames())
                .containsExactlyInAnyOrder(List.of(2, "garden.home"), List.of(7, "192.0.2.7"));
        assertThat(certificate.getBasicConstraints()).as("signs nothing itself").isEqualTo(-1);
    }

    @Test
    void itIsTheSameAtEachStart() throws Exception {
        X509Certificate first = HomeAuthority.in(directory.resolve("home"), NOW).certificate();
        X509Certificate second = HomeAuthority.in(directory.resolve("home"), NOW.plus(Duration.ofDays(300)))
                .certificate();
        assertThat(second).isEqualTo(first);
        assertThat(Files.readAllBytes(directory.resolve("home/fair-acre-at-home.crt")))
                .isEqualTo(first.getEncoded());
    }

    @Test
    void beforeItsLastYearItIsMadeAnew() throws Exception {
        X509Certificate first = HomeAuthority.in(directory.resolve("home"), NOW).certificate();
        X509Certificate later = HomeAuthority.in(directory.resolve("home"), NOW.plus(Duration.ofDays(3300)))
                .certificate();
        assertThat(later).isNotEqualTo(first);
    }

    @Test
    void nobodyElseReadsItsKey() throws Exception {
        HomeAuthority.in(directory.resolve("home"), NOW);
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(directory.resolve("home"))))
                .isEqualTo("rwx------");
    }
}
