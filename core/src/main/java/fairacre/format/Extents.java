package fairacre.format;

import fairacre.format.Upcasters.Upcaster;
import fairacre.plan.FeatureKind;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * From version 2 to 3: every feature had all fields, and the height of a drain was the depth of its stone. An area, a
 * line and a spot have fields of their own now, and what lies in the ground has a depth.
 */
final class Extents {

    static final Upcaster STEP = new Upcaster(Extents::garden, Extents::change);

    private static final Set<String> KINDS =
            Arrays.stream(FeatureKind.values()).map(Enum::name).collect(Collectors.toSet());
    private static final Set<String> LEAFY = Set.of("TREE", "HEDGE");
    private static final Set<String> OPENINGS = Set.of("DOOR", "WINDOW");
    private static final double DEEPEST = 5;

    private Extents() {}

    private static void garden(ObjectNode garden) {
        garden.path("features").forEach(Extents::feature);
    }

    private static void change(ObjectNode change) {
        feature(change.path("feature"));
    }

    /** One of a kind that nobody knows stays as it is, and is refused by its kind. */
    private static void feature(JsonNode old) {
        String name = old.path("kind").asString("");
        if (!(old instanceof ObjectNode feature) || !KINDS.contains(name)) {
            return;
        }
        FeatureKind kind = FeatureKind.valueOf(name);
        boolean isLine = kind.extent() == FeatureKind.Extent.LINE;
        boolean isSpot = kind.extent() == FeatureKind.Extent.SPOT;
        if (isLine) {
            feature.put(
                    "depth",
                    kind.buried() ? Math.min(DEEPEST, feature.path("height").asDouble(0)) : 0);
            if (kind.buried()) {
                feature.put("height", 0);
            }
        }
        if (!isLine && !isSpot) {
            feature.remove(List.of("breadth", "bareInWinter"));
        } else if (!LEAFY.contains(name)) {
            feature.put("bareInWinter", false);
        }
        if (!isSpot) {
            feature.remove("lookout");
        } else if (!OPENINGS.contains(name)) {
            feature.put("lookout", false);
        }
    }
}
