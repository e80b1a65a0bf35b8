package fairacre.server;

import static java.util.stream.Collectors.toSet;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.format.GardenFile;
import fairacre.server.Endpoints.Endpoint;
import fairacre.server.Visitor.Answer;
import fairacre.server.store.Role;
import fairacre.testing.Gardens;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** Everything that can be asked for: who may, and that no request whatever brings the program out of step. */
class EndpointsTest {

    /** What anybody may ask for. */
    private static final Set<String> OPEN = Set.of(
            "POST /api/accounts",
            "GET /api/calendars/{secret}",
            "GET /api/catalogue",
            "POST /api/links/{secret}",
            "GET /api/session",
            "POST /api/session",
            "DELETE /api/session",
            "POST /api/session/demo",
            "POST /api/session/recovery");
    /** What anybody with an account may ask for. */
    private static final Set<String> SIGNED_IN = Set.of(
            "PUT /api/account/password",
            "DELETE /api/account/sessions",
            "POST /api/account/deletion",
            "GET /api/account/export.zip",
            "GET /api/account/recovery-codes",
            "POST /api/account/recovery-codes",
            "POST /api/catalogue/boards",
            "POST /api/catalogue/materials",
            "POST /api/catalogue/pipes",
            "GET /api/gardens",
            "GET /api/gardens/deleted",
            "POST /api/gardens/deleted/{id}",
            "GET /api/shared",
            "POST /api/gardens",
            "POST /api/gardens/import",
            "POST /api/plots/four-sides",
            "POST /api/plots/offsets",
            "POST /api/plots/tapes",
            "POST /api/plots/track",
            "POST /api/tables.xlsx");
    /**
     * What whoever has part in a garden may ask for, below {@code /api/gardens/{garden}}, if nothing below says more.
     */
    private static final Set<String> OF_A_GARDEN = Set.of(
            "GET ",
            "DELETE ",
            "POST /alterations",
            "GET /appraisal",
            "POST /arrangements",
            "GET /arrangements/ground",
            "GET /arrangements/{job}",
            "GET /beds/{bed}/edges",
            "GET /beds/{bed}/frame",
            "GET /bill.csv",
            "GET /bill.xlsx",
            "GET /carriers/{carrier}",
            "GET /carriers/{carrier}/routes",
            "POST /changes",
            "GET /compost",
            "POST /compost/proposals",
            "GET /cutting",
            "GET /cutting.pdf",
            "POST /cutting/best",
            "GET /cutting/best/{job}",
            "POST /earthwork",
            "GET /events",
            "GET /families",
            "GET /file",
            "POST /frame-comparison",
            "GET /history",
            "POST /history/{entry}/back",
            "DELETE /jobs/{job}",
            "GET /judgement",
            "GET /ledger",
            "POST /ledger",
            "POST /ledger/lines",
            "GET /ledger/table.csv",
            "GET /ledger/table.xlsx",
            "POST /ledger/{entry}/reversal",
            "GET /ledger/{entry}/scan",
            "PUT /ledger/{entry}/scan",
            "GET /levels",
            "GET /levels/line",
            "GET /members",
            "PUT /members",
            "DELETE /members/{account}",
            "POST /orders",
            "PUT /name",
            "POST /copy",
            "GET /outline.pdf",
            "GET /outline.svg",
            "GET /own-mix",
            "GET /sun",
            "GET /sun/day",
            "GET /sun/map",
            "POST /sun/comparisons",
            "POST /sun/tried",
            "POST /cutting/sheets/best",
            "GET /cutting/sheets/best/{job}",
            "POST /sun/maps",
            "GET /sun/maps/{job}",
            "POST /sun/shelves",
            "GET /picture",
            "GET /plan.dxf",
            "GET /plan.geojson",
            "POST /previews",
            "POST /prices",
            "GET /prices.csv",
            "POST /redo",
            "GET /setting-out",
            "GET /setting-out.pdf",
            "GET /sheet.pdf",
            "GET /sheet.png",
            "GET /sheet.svg",
            "GET /shopping",
            "GET /shopping/list.pdf",
            "POST /shopping/ticks",
            "GET /soil",
            "GET /soil-supply",
            "POST /undo",
            "GET /variants",
            "POST /variants",
            "GET /variants/this",
            "POST /variants/{variant}/take",
            "GET /crops",
            "POST /crops",
            "GET /crops.csv",
            "GET /feeding",
            "GET /harvest",
            "POST /years",
            "GET /years/{job}",
            "GET /plantings",
            "GET /plantings/calendar",
            "GET /plantings/calendar.ics",
            "GET /plantings/gaps",
            "GET /plantings/seeds",
            "POST /plantings/fillings",
            "POST /plantings/noted",
            "POST /plantings/proposals",
            "GET /arches",
            "POST /arches/proposals",
            "GET /covers",
            "POST /covers/proposals",
            "GET /cutting/sheets",
            "GET /furniture",
            "POST /furniture/proposals",
            "POST /furniture/{thing}/pieces",
            "GET /hoops",
            "POST /hoops/proposals",
            "GET /structures/plan.pdf",
            "GET /fences/plan.pdf",
            "GET /fences/{fence}/makes",
            "GET /retaining-walls",
            "GET /tunnels",
            "POST /tunnels/proposals",
            "GET /trellises",
            "POST /trellises/lines",
            "POST /trellises/proposals",
            "POST /fences/lines",
            "POST /fences/proposals",
            "GET /water/by-hand",
            "GET /water/needs",
            "GET /water/calendar.ics",
            "GET /water/rolls",
            "GET /water/zones/{zone}/bad-days",
            "GET /water/pipes.geojson",
            "GET /water/zones/{zone}/epanet.inp",
            "POST /water/barrels",
            "POST /water/climate",
            "POST /water/comparison",
            "POST /water/lines",
            "POST /water/manifolds",
            "POST /water/networks",
            "POST /water/runs",
            "POST /water/taps",
            "POST /water/watch",
            "GET /work",
            "GET /tasks",
            "GET /work-calendar",
            "GET /work-calendar/calendar.ics",
            "GET /work-calendar/staging",
            "GET /work-calendar/reminders",
            "GET /work-calendar/day.pdf",
            "GET /calendar-address",
            "POST /calendar-address",
            "DELETE /calendar-address",
            "GET /link",
            "POST /link",
            "DELETE /link",
            "POST /work-calendar/better",
            "GET /work-calendar/better/{job}",
            "GET /journal",
            "GET /journal/next-time",
            "GET /season-figures",
            "GET /bed-story",
            "GET /look-back",
            "GET /wear",
            "GET /year-book.pdf",
            "POST /journal",
            "POST /journal/{entry}/reversal",
            "GET /journal/{entry}/photo",
            "PUT /journal/{entry}/photo",
            "DELETE /journal/{entry}/photo");

    /** What needs more than the role of a reader; nobody takes another one out but the owner. */
    private static final Map<Role, Set<String>> NEEDS = Map.of(
            Role.HELPER,
            Set.of(
                    "POST /shopping/ticks",
                    "POST /journal",
                    "POST /journal/{entry}/reversal",
                    "PUT /journal/{entry}/photo",
                    "DELETE /journal/{entry}/photo"),
            Role.EDITOR,
            Set.of(
                    "POST /changes",
                    "POST /undo",
                    "POST /redo",
                    "POST /history/{entry}/back",
                    "PUT /name",
                    "POST /ledger",
                    "POST /ledger/{entry}/reversal",
                    "PUT /ledger/{entry}/scan",
                    "POST /variants",
                    "POST /variants/{variant}/take"),
            Role.OWNER,
            Set.of(
                    "DELETE ",
                    "PUT /members",
                    "DELETE /members/{account}",
                    "GET /link",
                    "POST /link",
                    "DELETE /link",
                    "POST /calendar-address",
                    "DELETE /calendar-address"));

    private static final String BELOW = "/api/gardens/{garden}";
    /** Nonsense that is asked for over all endpoints; in a benchmark as much as is wanted. */
    private static final int REQUESTS = Integer.getInteger("fairacre.requests", 2000);

    private static final Pattern A_SEASON = Pattern.compile("season");

    private static Endpoints endpoints;
    private static Visitor owner;
    private static Visitor stranger;
    private static final Map<Role, Visitor> MEMBERS = new EnumMap<>(Role.class);
    private static String garden;

    @BeforeAll
    static void begin() throws Exception {
        endpoints = Endpoints.described();
        owner = Visitor.signedUp(RunningServer.get());
        stranger = Visitor.signedUp(RunningServer.get());
        garden = owner.post("/api/gardens/import", GardenFile.write(Gardens.generated(3, 1)))
                .json()
                .at("/plan/id")
                .stringValue();
        MEMBERS.put(Role.OWNER, owner);
        for (Role role : List.of(Role.READER, Role.HELPER, Role.EDITOR)) {
            Visitor member = Visitor.signedUp(RunningServer.get());
            Answer shared = owner.share(garden, member, role.name());
            assertThat(shared.status()).as(shared.text()).isEqualTo(200);
            MEMBERS.put(role, member);
        }
    }

    static List<Endpoint> all() throws Exception {
        return Endpoints.described().all();
    }

    private static String row(Endpoint endpoint) {
        return endpoint.method() + " " + endpoint.path().substring(BELOW.length());
    }

    private static boolean isOfAGarden(Endpoint endpoint) {
        return endpoint.path().startsWith(BELOW);
    }

    private static Answer ask(Visitor visitor, Endpoint endpoint, String path, String body) {
        byte[] bytes = body == null ? new byte[0] : body.getBytes(StandardCharsets.UTF_8);
        return visitor.send(
                endpoint.method(),
                path,
                Endpoints.takesBytes(endpoint) ? "application/octet-stream" : "application/json",
                bytes);
    }

    /** A request with everything in place as far as the description tells. */
    private static Answer plainly(Visitor visitor, Endpoint endpoint) {
        String path = Endpoints.filledIn(endpoint, (name, schema) -> switch (name) {
            case "garden" -> garden;
            case "season" -> "2027";
            case "scale" -> "ONE_TO_50";
            default ->
                Set.of("string", "array").contains(schema.path("type").asString(""))
                        ? UUID.randomUUID().toString()
                        : "1";
        });
        return ask(visitor, endpoint, path, endpoints.body(endpoint, new Random(1), List.of(garden)));
    }

    @Test
    void everyEndpointHasItsRow() {
        assertThat(endpoints.all().stream()
                        .filter(EndpointsTest::isOfAGarden)
                        .map(EndpointsTest::row)
                        .collect(toSet()))
                .isEqualTo(OF_A_GARDEN);
        Set<String> rest = endpoints.all().stream()
                .filter(endpoint -> !isOfAGarden(endpoint))
                .map(Endpoint::name)
                .collect(toSet());
        List<String> rows = new ArrayList<>(OPEN);
        rows.addAll(SIGNED_IN);
        assertThat(rest).containsExactlyInAnyOrderElementsOf(rows);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("all")
    void nobodyWithoutAnAccountGetsIn(Endpoint endpoint) {
        int status =
                plainly(new Visitor(RunningServer.get().address()), endpoint).status();
        if (OPEN.contains(endpoint.name())) {
            assertThat(status).isLessThan(500);
        } else {
            assertThat(status).isEqualTo(401);
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("all")
    void aGardenIsItsOwnersAlone(Endpoint endpoint) {
        if (!isOfAGarden(endpoint)) {
            return;
        }
        Answer answer = plainly(stranger, endpoint);
        assertThat(answer.status()).as(answer.text()).isBetween(400, 499);
        assertThat(answer.text()).doesNotContain("Test garden");
        if (endpoint.method().equals("GET")) {
            assertThat(answer.status()).as(answer.text()).isEqualTo(404);
        }
        if (!endpoint.method().equals("DELETE")) {
            assertThat(plainly(owner, endpoint).status()).isNotIn(401, 403);
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("all")
    void aRoleMayAskForWhatItsRowSays(Endpoint endpoint) {
        if (!isOfAGarden(endpoint)) {
            return;
        }
        Role needed = NEEDS.entrySet().stream()
                .filter(needs -> needs.getValue().contains(row(endpoint)))
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse(Role.READER);
        for (Map.Entry<Role, Visitor> member : MEMBERS.entrySet()) {
            boolean deletes = row(endpoint).equals("DELETE ") && member.getKey() == Role.OWNER;
            if (!deletes) {
                Answer answer = plainly(member.getValue(), endpoint);
                assertThat(answer.status() == 403)
                        .as("%s: %s %s", member.getKey(), answer.status(), answer.text())
                        .isEqualTo(!member.getKey().includes(needed));
            }
        }
    }

    /** Whatever is sent, the answer says what is wrong with it, and soon. */
    @ParameterizedTest(name = "{0}")
    @MethodSource("all")
    void noRequestBringsTheProgramOutOfStep(Endpoint endpoint) {
        Random random = new Random(endpoint.name().hashCode());
        // Wrong passwords and codes count at their address: nobody else signs in from this one.
        Visitor visitor = endpoint.path().matches("/api/(session|account/).*")
                ? new Visitor(RunningServer.get().address())
                        .behind("198.51.100.77")
                        .signedUp()
                : owner;
        String own = visitor.post("/api/gardens/import", GardenFile.write(Gardens.everything()))
                .json()
                .at("/plan/id")
                .stringValue();
        List<String> ids = new ArrayList<>(List.of(own));
        Gardens.everything().beds().forEach(bed -> ids.add(bed.id().toString()));
        Gardens.everything().features().forEach(feature -> ids.add(feature.id().toString()));
        int requests = 1 + REQUESTS / endpoints.all().size();
        for (int i = 0; i < requests; i++) {
            String path = Endpoints.filledIn(endpoint, (name, schema) -> value(name, schema, random, own, ids));
            String body = Endpoints.takesBytes(endpoint)
                    ? Endpoints.text(schemaOfNothing(), random, ids)
                    : endpoints.body(endpoint, random, ids);
            Answer answer = ask(visitor, endpoint, path, body);
            assertThat(answer.status())
                    .as("%s %s %s: %s", endpoint.method(), path, body, answer.text())
                    .isLessThan(500);
        }
    }

    private static JsonNode schemaOfNothing() {
        return tools.jackson.databind.node.JsonNodeFactory.instance.objectNode();
    }

    private static String value(String name, JsonNode schema, Random random, String own, List<String> ids) {
        if (random.nextInt(6) == 0) {
            return List.of("1e999", "-0", "2147483648", "x", "NaN", "Infinity", "ü", "\u0000")
                    .get(random.nextInt(8));
        }
        if (name.equals("garden")) {
            return own;
        }
        if (A_SEASON.matcher(name).matches()) {
            return List.of("2027", "2028", "2031", "1", "9999").get(random.nextInt(5));
        }
        return switch (schema.path("type").asString("string")) {
            case "integer" -> String.valueOf(random.nextInt(100) - 5);
            case "number" -> String.valueOf(random.nextDouble() * 30 - 5);
            default ->
                schema.has("enum")
                        ? schema.path("enum")
                                .get(random.nextInt(schema.path("enum").size()))
                                .stringValue()
                        : ids.get(random.nextInt(ids.size()));
        };
    }
}
