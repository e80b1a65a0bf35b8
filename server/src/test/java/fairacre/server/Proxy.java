package fairacre.server;

import com.sun.net.httpserver.Headers;
import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;

/** A small proxy before several nodes: each request goes to the next one, whoever sends it. */
final class Proxy implements AutoCloseable {

    /** What concerns one connection only is not passed on. */
    private static final Set<String> OF_A_CONNECTION =
            Set.of("host", "connection", "content-length", "transfer-encoding", "upgrade", "http2-settings");

    private final List<String> nodes;
    private final AtomicInteger next = new AtomicInteger();
    private final HttpClient http =
            HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();
    private final ExecutorService workers = Executors.newCachedThreadPool();
    private final HttpServer server;

    Proxy(List<String> nodes) throws IOException {
        this.nodes = nodes;
        this.server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        server.createContext("/", this::pass);
        server.setExecutor(workers);
        server.start();
    }

    String address() {
        return "http://127.0.0.1:" + server.getAddress().getPort();
    }

    private void pass(HttpExchange exchange) throws IOException {
        try (exchange) {
            String node = nodes.get(Math.floorMod(next.getAndIncrement(), nodes.size()));
            HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(node + exchange.getRequestURI()))
                    .method(
                            exchange.getRequestMethod(),
                            BodyPublishers.ofByteArray(exchange.getRequestBody().readAllBytes()));
            exchange.getRequestHeaders()
                    .forEach((name, values) -> values.stream()
                            .filter(value -> isPassedOn(name))
                            .forEach(value -> request.header(name, value)));
            HttpResponse<InputStream> response = http.send(request.build(), BodyHandlers.ofInputStream());
            Headers headers = exchange.getResponseHeaders();
            response.headers()
                    .map()
                    .forEach((name, values) -> values.stream()
                            .filter(value -> isPassedOn(name))
                            .forEach(value -> headers.add(name, value)));
            boolean empty =
                    response.statusCode() == 204 || exchange.getRequestMethod().equals("HEAD");
            exchange.sendResponseHeaders(response.statusCode(), empty ? -1 : 0);
            try (InputStream body = response.body()) {
                passOn(body, exchange);
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    /** As it comes: what a window is told is not held back. */
    private static void passOn(InputStream body, HttpExchange exchange) throws IOException {
        byte[] part = new byte[8192];
        for (int read = body.read(part); read >= 0; read = body.read(part)) {
            exchange.getResponseBody().write(part, 0, read);
            exchange.getResponseBody().flush();
        }
    }

    private static boolean isPassedOn(String name) {
        return !OF_A_CONNECTION.contains(name.toLowerCase(Locale.ROOT));
    }

    @Override
    public void close() {
        server.stop(0);
        workers.shutdownNow();
    }
}
