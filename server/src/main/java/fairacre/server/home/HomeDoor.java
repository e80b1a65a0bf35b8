package fairacre.server.home;

import java.security.KeyStore;
import java.security.cert.CertificateEncodingException;
import java.security.cert.X509Certificate;
import org.apache.catalina.connector.Connector;
import org.apache.tomcat.util.net.SSLHostConfig;
import org.apache.tomcat.util.net.SSLHostConfigCertificate;
import org.apache.tomcat.util.net.SSLHostConfigCertificate.Type;
import org.springframework.boot.web.server.Compression;

/**
 * Where other devices at home come in.
 *
 * @param port on all addresses of the machine; 0 takes any that is free
 * @param certified the key and certificate that it shows
 * @param authority who signed that certificate
 */
record HomeDoor(int port, KeyStore certified, X509Certificate authority) {

    /** @param compression of answers, as on the machine's own way in */
    Connector connector(Compression compression) {
        Connector connector = new Connector();
        connector.setPort(port);
        connector.setScheme("https");
        connector.setSecure(true);
        connector.setProperty("SSLEnabled", "true");
        connector.setProperty("compression", compression.getEnabled() ? "on" : "off");
        connector.setProperty(
                "compressionMinSize",
                String.valueOf(compression.getMinResponseSize().toBytes()));
        connector.setProperty("compressibleMimeType", String.join(",", compression.getMimeTypes()));
        SSLHostConfig host = new SSLHostConfig();
        SSLHostConfigCertificate certificate = new SSLHostConfigCertificate(host, Type.EC);
        certificate.setCertificateKeystore(certified);
        certificate.setCertificateKeystorePassword(String.valueOf(HomeAuthority.password()));
        certificate.setCertificateKeyPassword(String.valueOf(HomeAuthority.password()));
        host.addCertificate(certificate);
        connector.addSslHostConfig(host);
        return connector;
    }

    /** What a phone is told to trust, as phones read it (DER). */
    byte[] authorityEncoded() {
        try {
            return authority.getEncoded();
        } catch (CertificateEncodingException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
