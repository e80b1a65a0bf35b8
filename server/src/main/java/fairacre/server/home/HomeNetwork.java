package fairacre.server.home;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.time.Clock;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** HTTPS for other devices at home, beside the way in for the machine itself, which stays as it is. */
@Configuration
@ConditionalOnProperty("fairacre.home.port")
class HomeNetwork {

    private static final Logger LOG = LoggerFactory.getLogger(HomeNetwork.class);

    /**
     * @param directory of the household's authority
     * @param names of this machine at home, besides those it knows itself
     */
    @Bean
    HomeDoor homeDoor(
            @Value("${fairacre.home.port}") int port,
            @Value("${fairacre.home.directory}") Path directory,
            @Value("${fairacre.home.names:}") List<String> names,
            Clock clock) {
        try {
            HomeAuthority authority = HomeAuthority.in(directory, clock.instant());
            List<String> all = HomeAddresses.all(names);
            KeyStore certified = authority.certify(all, clock.instant());
            LOG.info("open to the home network on port {} as {}", port, String.join(", ", all));
            return new HomeDoor(port, certified, authority.certificate());
        } catch (IOException failure) {
            throw new UncheckedIOException("the certificates of the home network in " + directory, failure);
        } catch (GeneralSecurityException failure) {
            throw new IllegalStateException("the certificates of the home network in " + directory, failure);
        }
    }

    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> homeConnector(HomeDoor door) {
        return factory -> factory.addAdditionalConnectors(door.connector(factory.getCompression()));
    }
}
