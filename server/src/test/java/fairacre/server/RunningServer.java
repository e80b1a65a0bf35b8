package fairacre.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;
import org.apache.catalina.connector.Connector;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.logging.LoggingSystem;
import org.springframework.boot.tomcat.TomcatWebServer;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * The real program on a free port against a database of its own, started once for a run of tests. Its way to PostgreSQL
 * leads through a {@link Line} that a test can cut.
 */
public final class RunningServer {

    private static RunningServer shared;

    private final ConfigurableApplicationContext context;
    private final String database;
    private final Line line;
    private final int port;

    private static final String CLUSTER =
            System.getProperty("fairacre.build.jdbc", "jdbc:postgresql://127.0.0.1:54329");

    private static String emptyDatabase() throws SQLException {
        String database = "test_" + UUID.randomUUID().toString().replace('-', '_');
        try (Connection connection = DriverManager.getConnection(CLUSTER + "/postgres", "postgres", "");
                Statement statement = connection.createStatement()) {
            statement.execute("create database " + database);
        }
        return database;
    }

    static {
        // Two programs in one process share one logger context: each would set it up anew and take it from the other.
        // See logback-test.xml.
        System.setProperty(LoggingSystem.SYSTEM_PROPERTY, LoggingSystem.NONE);
        // All tests sign up from one address.
        System.setProperty("fairacre.accounts.most-in-an-hour", "100000");
        System.setProperty("fairacre.guests.most-in-an-hour", "100000");
    }

    private RunningServer(String database, boolean cuttable, String... more) throws IOException {
        this.database = database;
        int clusterPort = Integer.parseInt(CLUSTER.substring(CLUSTER.lastIndexOf(':') + 1));
        line = cuttable ? new Line(clusterPort) : null;
        List<String> arguments = List.of(
                "--server.port=0",
                "--fairacre.demo=true",
                "--fairacre.rehearsal=" + Integer.getInteger("fairacre.rehearsal", 0),
                "--spring.datasource.url=jdbc:postgresql://127.0.0.1:" + (cuttable ? line.port() : clusterPort) + "/"
                        + database,
                "--spring.datasource.username=postgres",
                "--spring.main.banner-mode=off");
        context = SpringApplication.run(
                FairAcreApplication.class,
                Stream.concat(arguments.stream(), Stream.of(more)).toArray(String[]::new));
        port = Integer.parseInt(context.getEnvironment().getProperty("local.server.port"));
    }

    /** The server of this run; started at the first call. */
    public static synchronized RunningServer get() {
        if (shared == null) {
            shared = started(true);
        }
        return shared;
    }

    /** Another server with no line before its database, as the program runs for gardeners: for what is measured. */
    public static RunningServer straight() {
        return started(false);
    }

    /** Another one that is set up otherwise. */
    public static RunningServer with(String... more) {
        try {
            return new RunningServer(emptyDatabase(), false, more);
        } catch (SQLException | IOException failure) {
            throw new IllegalStateException(failure);
        }
    }

    /**
     * One that is open to the home network too.
     *
     * @param directory of the household's certificates
     * @param name of the machine at home
     */
    public static RunningServer atHome(Path directory, String name) {
        try {
            return new RunningServer(
                    emptyDatabase(),
                    false,
                    "--fairacre.home.port=0",
                    "--fairacre.home.directory=" + directory,
                    "--fairacre.home.names=" + name);
        } catch (SQLException | IOException failure) {
            throw new IllegalStateException(failure);
        }
    }

    /** The port for other devices at home. */
    public int homePort() {
        TomcatWebServer server = (TomcatWebServer) ((ServletWebServerApplicationContext) context).getWebServer();
        return Stream.of(server.getTomcat().getService().findConnectors())
                .filter(Connector::getSecure)
                .mapToInt(Connector::getLocalPort)
                .findFirst()
                .orElseThrow();
    }

    /** Several that start at once against one empty database. */
    public static List<RunningServer> together(int nodes) throws SQLException {
        String database = emptyDatabase();
        List<CompletableFuture<RunningServer>> starting = Stream.generate(() -> CompletableFuture.supplyAsync(() -> {
                    try {
                        return new RunningServer(database, false);
                    } catch (IOException failure) {
                        throw new UncheckedIOException(failure);
                    }
                }))
                .limit(nodes)
                .toList();
        return starting.stream().map(CompletableFuture::join).toList();
    }

    /** Another one on the database of one that has stopped. */
    public RunningServer again() {
        try {
            return new RunningServer(database, false);
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }

    /** Where its database is: {@code HOST:PORT/NAME}. */
    public String database() {
        return CLUSTER.substring(CLUSTER.indexOf("//") + 2) + "/" + database;
    }

    public void stop() {
        context.close();
    }

    private static RunningServer started(boolean cuttable) {
        try {
            return new RunningServer(emptyDatabase(), cuttable);
        } catch (SQLException | IOException failure) {
            throw new IllegalStateException(
                    "the program did not start; is the throwaway cluster of ./fairacre running?", failure);
        }
    }

    public String address() {
        return "http://localhost:" + port;
    }

    /** The way to the database; null without one that can be cut. */
    public Line line() {
        return line;
    }

    public <T> T bean(Class<T> type) {
        return context.getBean(type);
    }
}
