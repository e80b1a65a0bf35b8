package fairacre.format;

import fairacre.format.Upcasters.Upcaster;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * From version 1 to 2: a drain said when it is laid, a walk's build in which season it is made and a way in from when
 * until when it is there; each of them has a lifetime now.
 */
final class Lifetimes {

    static final Upcaster STEP = new Upcaster(Lifetimes::garden, Lifetimes::change);

    private Lifetimes() {}

    private static void garden(ObjectNode garden) {
        garden.path("features").forEach(Lifetimes::feature);
        garden.path("waysIn").forEach(Lifetimes::wayIn);
        garden.path("walks").forEach(Lifetimes::walk);
    }

    private static void change(ObjectNode change) {
        feature(change.path("feature"));
        wayIn(change.path("wayIn"));
        walk(change.path("walk"));
    }

    private static void feature(JsonNode feature) {
        move(feature, "laid", feature, "from");
    }

    private static void wayIn(JsonNode way) {
        move(way, "from", way, "from");
        move(way, "until", way, "until");
    }

    private static void walk(JsonNode walk) {
        move(walk.path("build"), "season", walk, "from");
    }

    private static void move(JsonNode old, String field, JsonNode thing, String to) {
        if (old instanceof ObjectNode from && from.has(field) && thing instanceof ObjectNode into) {
            ObjectNode lifetime = into.get("lifetime") instanceof ObjectNode there ? there : into.putObject("lifetime");
            lifetime.set(to, from.remove(field));
        }
    }
}
