package fairacre.server.home;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.math.BigInteger;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermission;
import java.security.GeneralSecurityException;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.KeyStore;
import java.security.PrivateKey;
import java.security.SecureRandom;
import java.security.cert.Certificate;
import java.security.cert.CertificateFactory;
import java.security.cert.X509Certificate;
import java.security.spec.ECGenParameterSpec;
import java.time.Duration;
import java.time.Instant;
import java.util.Date;
import java.util.EnumSet;
import java.util.List;
import javax.security.auth.x500.X500Principal;
import org.bouncycastle.asn1.x509.BasicConstraints;
import org.bouncycastle.asn1.x509.ExtendedKeyUsage;
import org.bouncycastle.asn1.x509.Extension;
import org.bouncycastle.asn1.x509.GeneralName;
import org.bouncycastle.asn1.x509.GeneralNames;
import org.bouncycastle.asn1.x509.KeyPurposeId;
import org.bouncycastle.asn1.x509.KeyUsage;
import org.bouncycastle.cert.CertIOException;
import org.bouncycastle.cert.jcajce.JcaX509v3CertificateBuilder;
import org.bouncycastle.operator.OperatorCreationException;
import org.bouncycastle.operator.jcajce.JcaContentSignerBuilder;

/**
 * The household's own certificate authority (RFC 5280): it is made once, lies in a directory that only the program's
 * user can read, and signs a certificate for the names and addresses of this machine at each start. So a phone that
 * trusts it goes on doing so when the machine's address changes.
 */
final class HomeAuthority {

    private static final String FILE = "authority.p12";
    private static final String SHOWN = "fair-acre-at-home.crt";
    private static final String ALIAS = "authority";
    private static final String SIGNED_WITH = "SHA256withECDSA";
    private static final Duration AUTHORITY_HOLDS = Duration.ofDays(3650);
    /** Phones refuse certificates that hold longer than 825 days. */
    private static final Duration CERTIFICATE_HOLDS = Duration.ofDays(397);
    /** Clocks of a household differ. */
    private static final Duration BEFORE = Duration.ofDays(1);

    /** The file lies beside what it would guard, so its password keeps nobody out; the directory does. */
    private static final char[] PASSWORD = "fairacre".toCharArray();

    private final X509Certificate certificate;
    private final PrivateKey key;

    private HomeAuthority(X509Certificate certificate, PrivateKey key) {
        this.certificate = certificate;
        this.key = key;
    }

    /**
     * The authority of a directory; made if there is none yet, or if it holds no longer than what it would sign.
     *
     * @throws IOException if the directory can't be read or written, or the file there is none of ours
     */
    static HomeAuthority in(Path directory, Instant now) throws IOException, GeneralSecurityException {
        Path file = directory.resolve(FILE);
        if (Files.exists(file)) {
            HomeAuthority kept = read(file);
            if (kept.certificate.getNotAfter().toInstant().isAfter(now.plus(CERTIFICATE_HOLDS))) {
                return kept;
            }
        }
        Files.createDirectories(directory);
        Files.setPosixFilePermissions(
                directory,
                EnumSet.of(
                        PosixFilePermission.OWNER_READ,
                        PosixFilePermission.OWNER_WRITE,
                        PosixFilePermission.OWNER_EXECUTE));
        HomeAuthority made = made(now);
        try (var out = Files.newOutputStream(file)) {
            made.asKeyStore().store(out, PASSWORD);
        }
        Files.write(directory.resolve(SHOWN), made.certificate.getEncoded());
        return made;
    }

    private static HomeAuthority read(Path file) throws IOException, GeneralSecurityException {
        KeyStore store = KeyStore.getInstance("PKCS12");
        try (InputStream in = Files.newInputStream(file)) {
            store.load(in, PASSWORD);
        }
        return new HomeAuthority(
                (X509Certificate) store.getCertificate(ALIAS), (PrivateKey) store.getKey(ALIAS, PASSWORD));
    }

    private KeyStore asKeyStore() throws GeneralSecurityException, IOException {
        return keyStore(ALIAS, key, List.of(certificate));
    }

    private static HomeAuthority made(Instant now) throws GeneralSecurityException {
        KeyPair keys = keys();
        X500Principal name = new X500Principal("CN=Fair Acre at home, SERIALNUMBER=" + serial().toString(16));
        JcaX509v3CertificateBuilder builder = new JcaX509v3CertificateBuilder(
                name,
                serial(),
                Date.from(now.minus(BEFORE)),
                Date.from(now.plus(AUTHORITY_HOLDS)),
                name,
                keys.getPublic());
        try {
            builder.addExtension(Extension.basicConstraints, true, new BasicConstraints(0));
            builder.addExtension(Extension.keyUsage, true, new KeyUsage(KeyUsage.keyCertSign | KeyUsage.cRLSign));
        } catch (CertIOException failure) {
            throw new GeneralSecurityException(failure);
        }
        return new HomeAuthority(signed(builder, keys.getPrivate()), keys.getPrivate());
    }

    /** What a phone is told to trust. */
    X509Certificate certificate() {
        return certificate;
    }

    /**
     * A new key with a certificate for these.
     *
     * @param names host names and IP addresses, at least one
     */
    KeyStore certify(List<String> names, Instant now) throws GeneralSecurityException, IOException {
        KeyPair keys = keys();
        JcaX509v3CertificateBuilder builder = new JcaX509v3CertificateBuilder(
                certificate.getSubjectX500Principal(),
                serial(),
                Date.from(now.minus(BEFORE)),
                Date.from(now.plus(CERTIFICATE_HOLDS)),
                new X500Principal("CN=" + names.get(0)),
                keys.getPublic());
        builder.addExtension(Extension.basicConstraints, true, new BasicConstraints(false));
        builder.addExtension(Extension.keyUsage, true, new KeyUsage(KeyUsage.digitalSignature));
        builder.addExtension(Extension.extendedKeyUsage, false, new ExtendedKeyUsage(KeyPurposeId.id_kp_serverAuth));
        builder.addExtension(
                Extension.subjectAlternativeName,
                false,
                new GeneralNames(names.stream().map(HomeAuthority::generalName).toArray(GeneralName[]::new)));
        return keyStore("home", keys.getPrivate(), List.of(signed(builder, key), certificate));
    }

    private static GeneralName generalName(String name) {
        boolean address = name.contains(":") || name.matches("[0-9.]+");
        return new GeneralName(address ? GeneralName.iPAddress : GeneralName.dNSName, name);
    }

    private static X509Certificate signed(JcaX509v3CertificateBuilder builder, PrivateKey by)
            throws GeneralSecurityException {
        try {
            byte[] encoded = builder.build(new JcaContentSignerBuilder(SIGNED_WITH).build(by))
                    .getEncoded();
            return (X509Certificate)
                    CertificateFactory.getInstance("X.509").generateCertificate(new ByteArrayInputStream(encoded));
        } catch (OperatorCreationException | IOException failure) {
            throw new GeneralSecurityException(failure);
        }
    }

    private static KeyStore keyStore(String alias, PrivateKey key, List<X509Certificate> chain)
            throws GeneralSecurityException, IOException {
        KeyStore store = KeyStore.getInstance("PKCS12");
        store.load(null, PASSWORD);
        store.setKeyEntry(alias, key, PASSWORD, chain.toArray(Certificate[]::new));
        return store;
    }

    private static KeyPair keys() throws GeneralSecurityException {
        KeyPairGenerator generator = KeyPairGenerator.getInstance("EC");
        generator.initialize(new ECGenParameterSpec("secp256r1"));
        return generator.generateKeyPair();
    }

    private static BigInteger serial() {
        return new BigInteger(64, new SecureRandom()).setBit(0);
    }

    static char[] password() {
        return PASSWORD.clone();
    }
}
