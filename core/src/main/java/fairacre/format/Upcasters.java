package fairacre.format;

import java.util.List;
import java.util.function.Consumer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Brings gardens and changes that an earlier program wrote as JSON to the notation of this one, a version at a time.
 * What is in a file or in the log of changes is never rewritten: it is read as it was written, and altered on the way.
 *
 * <p>Whoever renames or moves something in {@link GardenJson}'s notation adds an {@link Upcaster} at the end of
 * {@link #CURRENT}, which raises the version, and a sample of the old notation to the tests.
 */
public final class Upcasters {

    /** From the first version to the one this program writes. */
    public static final Upcasters CURRENT = new Upcasters(List.of(Lifetimes.STEP, Extents.STEP));

    private final List<Upcaster> steps;

    /** @param steps the first one leads from version 1 to version 2 */
    Upcasters(List<Upcaster> steps) {
        this.steps = List.copyOf(steps);
    }

    /**
     * One step from a version to the next.
     *
     * @param garden alters a whole garden
     * @param change alters a change that is neither a batch nor the taking over of another garden: those are opened
     *     before
     */
    record Upcaster(Consumer<ObjectNode> garden, Consumer<ObjectNode> change) {}

    /** The version that is written. */
    public int version() {
        return steps.size() + 1;
    }

    /**
     * A garden as this program writes it.
     *
     * @param version in which it is written, 1 to {@link #version}
     * @throws IllegalArgumentException if there is no such version
     */
    public JsonNode garden(JsonNode garden, int version) {
        return altered(garden, version, this::garden);
    }

    /** A change as this program writes it; otherwise as {@link #garden(JsonNode, int)}. */
    public JsonNode change(JsonNode change, int version) {
        return altered(change, version, this::change);
    }

    private interface Step {
        void take(JsonNode node, Upcaster step);
    }

    private JsonNode altered(JsonNode node, int version, Step step) {
        if (version < 1 || version > version()) {
            throw new IllegalArgumentException("there is no version " + version + ", the newest is " + version());
        }
        JsonNode copy = node.deepCopy();
        steps.subList(version - 1, steps.size()).forEach(each -> step.take(copy, each));
        return copy;
    }

    private void garden(JsonNode garden, Upcaster step) {
        if (garden instanceof ObjectNode object) {
            step.garden().accept(object);
        }
    }

    private void change(JsonNode change, Upcaster step) {
        switch (change.path("kind").asString("")) {
            case "Batch" -> change.path("changes").forEach(each -> change(each, step));
            case "TakeOver" -> garden(change.path("version"), step);
            default -> {
                if (change instanceof ObjectNode object) {
                    step.change().accept(object);
                }
            }
        }
    }
}
