package fairacre.server;

import fairacre.format.GardenJson;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.UUID;
import java.util.function.BiFunction;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What the description of the interface says can be asked for, and requests made of it by chance. */
final class Endpoints {

    private static final JsonMapper JSON = GardenJson.mapper();
    private static final int DEEPEST = 12;

    private final JsonNode description;

    private Endpoints(JsonNode description) {
        this.description = description;
    }

    /** As they are described for the front end. */
    static Endpoints described() throws Exception {
        return new Endpoints(JSON.readTree(Files.readString(Path.of("../ui/openapi.json"))));
    }

    /**
     * One thing that can be asked for.
     *
     * @param method in capitals
     * @param path with its variables in braces
     */
    record Endpoint(String method, String path, JsonNode operation) {
        String name() {
            return method + " " + path;
        }
    }

    List<Endpoint> all() {
        List<Endpoint> all = new ArrayList<>();
        description
                .path("paths")
                .properties()
                .forEach(path -> path.getValue()
                        .properties()
                        .forEach(operation -> all.add(new Endpoint(
                                operation.getKey().toUpperCase(Locale.ROOT), path.getKey(), operation.getValue()))));
        return all;
    }

    /**
     * The path with its variables and parameters filled in.
     *
     * @param value of a variable or parameter by its name and its schema
     */
    static String filledIn(Endpoint endpoint, BiFunction<String, JsonNode, String> value) {
        String path = endpoint.path();
        List<String> query = new ArrayList<>();
        for (JsonNode parameter : endpoint.operation().path("parameters")) {
            String name = parameter.path("name").stringValue();
            String given = URLEncoder.encode(value.apply(name, parameter.path("schema")), StandardCharsets.UTF_8);
            if (parameter.path("in").stringValue().equals("path")) {
                path = path.replace("{" + name + "}", given.replace("+", "%20"));
            } else {
                query.add(name + "=" + given);
            }
        }
        return path + (query.isEmpty() ? "" : "?" + String.join("&", query));
    }

    /** A body as described, or nearly so; null where none is wanted. */
    String body(Endpoint endpoint, Random random, List<String> ids) {
        JsonNode content = endpoint.operation().at("/requestBody/content");
        JsonNode schema = content.path("application/json").path("schema");
        return schema.isMissingNode() ? null : JSON.writeValueAsString(value(schema, random, ids, 0));
    }

    static boolean takesBytes(Endpoint endpoint) {
        return endpoint.operation().at("/requestBody/content").has("application/octet-stream");
    }

    private JsonNode value(JsonNode schema, Random random, List<String> ids, int depth) {
        if (random.nextInt(40) == 0) {
            return odd(random);
        }
        if (depth > DEEPEST) {
            return JSON.nullNode();
        }
        if (schema.has("$ref")) {
            String name = schema.path("$ref").stringValue();
            return value(
                    description.at("/components/schemas/" + name.substring(name.lastIndexOf('/') + 1)),
                    random,
                    ids,
                    depth + 1);
        }
        for (String several : List.of("oneOf", "anyOf", "allOf")) {
            if (schema.has(several)) {
                return value(
                        schema.path(several)
                                .get(random.nextInt(schema.path(several).size())),
                        random,
                        ids,
                        depth + 1);
            }
        }
        if (schema.has("enum")) {
            return schema.path("enum").get(random.nextInt(schema.path("enum").size()));
        }
        return switch (schema.path("type").asString("object")) {
            case "array" -> array(schema.path("items"), random, ids, depth);
            case "integer" ->
                JSON.getNodeFactory()
                        .numberNode(List.of(2027, 2028, 2026, 0, 1, -1, 3, 8, Integer.MAX_VALUE)
                                .get(random.nextInt(9)));
            case "number" ->
                JSON.getNodeFactory()
                        .numberNode(List.of(0.0, 1.0, 0.5, 2.4, 0.9, -1.0, 1e-9, 45.0, 1e9, 1e300)
                                .get(random.nextInt(10)));
            case "boolean" -> JSON.getNodeFactory().booleanNode(random.nextBoolean());
            case "string" -> JSON.getNodeFactory().stringNode(text(schema, random, ids));
            default -> object(schema, random, ids, depth);
        };
    }

    private ArrayNode array(JsonNode items, Random random, List<String> ids, int depth) {
        ArrayNode array = JSON.createArrayNode();
        for (int i = random.nextInt(5); i > 0; i--) {
            array.add(value(items, random, ids, depth + 1));
        }
        return array;
    }

    private ObjectNode object(JsonNode schema, Random random, List<String> ids, int depth) {
        ObjectNode object = JSON.createObjectNode();
        List<String> required = new ArrayList<>();
        schema.path("required").forEach(name -> required.add(name.stringValue()));
        schema.path("properties").properties().forEach(property -> {
            boolean wanted = required.contains(property.getKey()) ? random.nextInt(30) > 0 : random.nextInt(3) == 0;
            if (wanted) {
                object.set(property.getKey(), value(property.getValue(), random, ids, depth + 1));
            }
        });
        if (random.nextInt(30) == 0) {
            object.put("unheardOf", 1);
        }
        return object;
    }

    static String text(JsonNode schema, Random random, List<String> ids) {
        if (schema.path("format").asString("").equals("uuid")) {
            return random.nextInt(4) == 0 ? UUID.randomUUID().toString() : ids.get(random.nextInt(ids.size()));
        }
        return List.of(
                        "Beans",
                        "",
                        "12.50",
                        "EUR",
                        "2027-05-01",
                        "cedar/2x10/8 ft",
                        "2x10",
                        "-1e400",
                        "\u0000",
                        "x".repeat(300),
                        "ü 🫘",
                        "null",
                        "../..")
                .get(random.nextInt(13));
    }

    private static JsonNode odd(Random random) {
        return List.of(
                        JSON.nullNode(),
                        JSON.getNodeFactory().stringNode("odd"),
                        JSON.getNodeFactory().numberNode(-7),
                        JSON.createArrayNode(),
                        JSON.createObjectNode(),
                        JSON.getNodeFactory().booleanNode(true))
                .get(random.nextInt(6));
    }
}
