package fairacre.server.garden;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Properties;
import java.util.UUID;

/** Which build of the program this is: another one may judge otherwise. */
final class Build {

    /**
     * The moment of the build, in microseconds; by chance where it is not known, and then each run counts as a build of
     * its own.
     */
    static final String ID = id();

    private Build() {}

    private static String id() {
        try (InputStream file = Build.class.getResourceAsStream("/META-INF/build-info.properties")) {
            Properties info = new Properties();
            if (file != null) {
                info.load(file);
            }
            return info.getProperty("build.time", UUID.randomUUID().toString());
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
