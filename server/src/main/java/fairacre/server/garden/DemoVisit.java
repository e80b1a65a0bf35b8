package fairacre.server.garden;

import fairacre.plan.Change;
import fairacre.plan.Plan;
import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Somebody who looks round the demo garden and drags its beds as a browser does, over HTTP. Nothing is kept of it. */
final class DemoVisit implements AutoCloseable {

    private static final int WELL = 2;
    private static final int HUNDREDS = 100;

    private final CookieManager cookies = new CookieManager();
    private final HttpClient client = HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).cookieHandler(cookies).build();
    private final URI program;
    private final JsonMapper json;
    private String garden;

    /** @param port of the program on this machine */
    DemoVisit(int port, JsonMapper json) {
        this.program = URI.create("http://localhost:" + port);
        this.json = json;
    }

    /** What a preview is asked for. */
    private record Trial(int season, Change change) {}

    /** Comes in and looks at the garden. */
    Plan plan() throws IOException, InterruptedException {
        ask("GET", "/api/session", HttpRequest.BodyPublishers.noBody());
        ask("POST", "/api/session/demo", HttpRequest.BodyPublishers.noBody());
        ask("GET", "/api/session", HttpRequest.BodyPublishers.noBody());
        garden = ask("GET", "/api/gardens", HttpRequest.BodyPublishers.noBody()).at("/0/id").stringValue();
        return json.treeToValue(ask("GET", "/api/gardens/" + garden, HttpRequest.BodyPublishers.noBody()).get("plan"), Plan.class);
    }

    void drag(Change change, int season) throws IOException, InterruptedException {
        ask("POST", "/api/gardens/" + garden + "/previews",
                HttpRequest.BodyPublishers.ofByteArray(json.writeValueAsBytes(new Trial(season, change))));
    }

    /** Goes out again, so that no session is left. */
    @Override
    public void close() throws IOException, InterruptedException {
        ask("DELETE", "/api/session", HttpRequest.BodyPublishers.noBody());
    }

    private JsonNode ask(String method, String path, HttpRequest.BodyPublisher body) throws IOException, InterruptedException {
        HttpRequest.Builder request = HttpRequest.newBuilder(program.resolve(path)).header("Content-Type", "application/json").method(method, body);
        cookies.getCookieStore().get(program).stream().filter(cookie -> cookie.getName().equals("XSRF-TOKEN")).findFirst().map(HttpCookie::getValue)
                .ifPresent(token -> request.header("X-XSRF-TOKEN", token));
        HttpResponse<byte[]> answer = client.send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
        if (answer.statusCode() / HUNDREDS != WELL) {
            throw new IOException(method + " " + path + " was answered with " + answer.statusCode() + ": " + new String(answer.body(), StandardCharsets.UTF_8));
        }
        return json.readTree(answer.body());
    }
}
