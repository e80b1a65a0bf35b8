package fairacre.server;

import fairacre.format.GardenJson;
import fairacre.plan.Change;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.net.http.HttpResponse.BodySubscriber;
import java.net.http.HttpResponse.BodySubscribers;
import java.net.http.HttpResponse.ResponseInfo;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Somebody with a browser's cookies who talks to the API. */
public final class Visitor {

    private static final JsonMapper JSON = GardenJson.mapper();

    private final String address;
    private final String behind;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http = HttpClient.newBuilder()
            .version(HttpClient.Version.HTTP_1_1)
            .cookieHandler(cookies)
            .build();

    public Visitor(String address) {
        this(address, "");
    }

    private Visitor(String address, String behind) {
        this.address = address;
        this.behind = behind;
        get("/api/session");
    }

    /** An answer: its status and body. */
    public record Answer(int status, String text, Map<String, List<String>> headers) {
        public JsonNode json() {
            return JSON.readTree(text);
        }

        /** Of a picture, a PDF or a ZIP file. */
        public byte[] bytes() {
            return text.getBytes(StandardCharsets.ISO_8859_1);
        }

        public String header(String name) {
            return String.join(",", headers.getOrDefault(name.toLowerCase(java.util.Locale.ROOT), List.of()));
        }
    }

    /** Somebody new with an account and signed in. */
    public static Visitor signedUp(RunningServer server) {
        return new Visitor(server.address()).signedUp();
    }

    /** With a new account. */
    public Visitor signedUp() {
        post(
                "/api/accounts",
                "{\"name\":\"%s@example.org\",\"password\":\"a long enough one\"}".formatted(UUID.randomUUID()));
        return this;
    }

    /** Somebody at another address, as a proxy on this machine tells it. */
    public Visitor behind(String other) {
        return new Visitor(address, other);
    }

    public Answer get(String path) {
        return send(request(path).GET());
    }

    public Answer delete(String path) {
        return send(request(path).DELETE());
    }

    public Answer put(String path, String body) {
        return send("PUT", path, "application/json", body.getBytes(StandardCharsets.UTF_8));
    }

    public Answer post(String path, String body) {
        return send(request(path).header("Content-Type", "application/json").POST(BodyPublishers.ofString(body)));
    }

    public Answer post(String path, byte[] body) {
        return send(request(path).header("Content-Type", "application/json").POST(BodyPublishers.ofByteArray(body)));
    }

    /** Shares a garden with somebody else who is signed in. */
    public Answer share(String garden, Visitor other, String role) {
        String name = other.get("/api/session").json().path("name").stringValue();
        return send(
                "PUT",
                "/api/gardens/" + garden + "/members",
                "application/json",
                JSON.writeValueAsBytes(Map.of("name", name, "role", role)));
    }

    /** A body of any kind, as a file is sent. */
    public Answer send(String method, String path, String type, byte[] body) {
        return send(request(path).header("Content-Type", type).method(method, BodyPublishers.ofByteArray(body)));
    }

    /** Makes a garden on a plot of 10 x 8 m and answers its id. */
    public String garden() {
        return post("/api/gardens", newGarden("Test garden", "METRIC", "EUR", "1000"))
                .json()
                .at("/plan/id")
                .stringValue();
    }

    public static String newGarden(String name, String units, String currency, String budget) {
        return """
            {"name": %s, "units": "%s", "currency": "%s", "firstSeason": 2027, "budget": "%s", "contingency": 10,
             "site": {"corners": [{"x":0,"y":0},{"x":10,"y":0},{"x":10,"y":8},{"x":0,"y":8}], "north": 0, "latitude": 50}}
            """.formatted(JSON.writeValueAsString(name), units, currency, budget);
    }

    public Answer change(String garden, long revision, Change change) {
        return change(garden, revision, UUID.randomUUID(), change);
    }

    public Answer change(String garden, long revision, UUID key, Change change) {
        return post(
                "/api/gardens/" + garden + "/changes",
                "{\"revision\":%d,\"key\":\"%s\",\"change\":%s}".formatted(revision, key, text(change)));
    }

    public Answer preview(String garden, int season, Change change) {
        return post(
                "/api/gardens/" + garden + "/previews",
                "{\"season\":%d,\"change\":%s}".formatted(season, text(change)));
    }

    public void forgetCsrfToken() {
        cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .toList()
                .forEach(c -> cookies.getCookieStore().remove(null, c));
    }

    public HttpCookie cookie(String name) {
        return cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals(name))
                .findFirst()
                .orElse(null);
    }

    public static String text(Change change) {
        return JSON.writerFor(Change.class).writeValueAsString(change);
    }

    /** Of what the server goes on writing only that it began. */
    private static BodySubscriber<String> body(ResponseInfo response) {
        boolean goesOn = response.headers()
                .firstValue("Content-Type")
                .filter(type -> type.startsWith("text/event-stream"))
                .isPresent();
        return goesOn
                ? BodySubscribers.mapping(BodySubscribers.ofInputStream(), Visitor::closed)
                : BodySubscribers.ofString(isBinary(response) ? StandardCharsets.ISO_8859_1 : StandardCharsets.UTF_8);
    }

    private static boolean isBinary(ResponseInfo response) {
        return response.headers()
                .firstValue("Content-Type")
                .filter(type -> type.startsWith("image/jpeg")
                        || type.startsWith("application/pdf")
                        || type.startsWith("application/zip"))
                .isPresent();
    }

    private static String closed(InputStream stream) {
        try (stream) {
            return "";
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }

    /** What is told to a window that has a garden at a revision; empty lines and signs of life are left out. */
    public Events follow(String garden, long revision) {
        HttpRequest asked = request("/api/gardens/" + garden + "/events?revision=" + revision)
                .GET()
                .build();
        try {
            return new Events(http.send(asked, BodyHandlers.ofLines()));
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        } catch (InterruptedException stopped) {
            throw new IllegalStateException(stopped);
        }
    }

    /** Events as they come. */
    public static final class Events {

        private static final String END = "end";

        private final BlockingQueue<String> lines = new LinkedBlockingQueue<>();

        private Events(HttpResponse<Stream<String>> response) {
            Thread reader = new Thread(() -> {
                try (Stream<String> body = response.body()) {
                    body.filter(line -> line.startsWith("data:"))
                            .forEach(line -> lines.add(line.substring("data:".length())));
                } catch (UncheckedIOException broken) {
                    // It ends here as well.
                }
                lines.add(END);
            });
            reader.setDaemon(true);
            reader.start();
        }

        /** The next one's data; waits for it. */
        public JsonNode next() throws InterruptedException {
            return JSON.readTree(line());
        }

        public boolean ends() throws InterruptedException {
            return line().equals(END);
        }

        private String line() throws InterruptedException {
            String line = lines.poll(20, TimeUnit.SECONDS);
            if (line == null) {
                throw new AssertionError("nothing was told");
            }
            return line;
        }
    }

    private HttpRequest.Builder request(String path) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(address + path));
        if (!behind.isEmpty()) {
            request.header("X-Forwarded-For", behind);
        }
        HttpCookie token = cookie("XSRF-TOKEN");
        return token == null ? request : request.header("X-XSRF-TOKEN", token.getValue());
    }

    private Answer send(HttpRequest.Builder request) {
        try {
            HttpResponse<String> response = http.send(request.build(), Visitor::body);
            return new Answer(
                    response.statusCode(), response.body(), response.headers().map());
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        } catch (InterruptedException stopped) {
            throw new IllegalStateException(stopped);
        }
    }
}
