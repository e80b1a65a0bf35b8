package fairacre.fence;

import fairacre.bill.Stage;
import fairacre.bill.WorkRate;
import java.util.stream.Stream;

/** How long it takes to put up a fence. */
final class FenceRates {

    private static final String GUESS = "a rough guess, from memory";

    static final WorkRate CONCRETE = new WorkRate(
            "fence/concrete", "Digging a hole and setting a post in concrete", 45, "post", GUESS, Stage.POSTS);
    static final WorkRate GRAVEL =
            new WorkRate("fence/gravel", "Digging a hole and ramming a post in", 40, "post", GUESS, Stage.POSTS);
    static final WorkRate DRIVEN = new WorkRate("fence/driven", "Driving a steel post", 8, "post", GUESS, Stage.POSTS);
    static final WorkRate CANE = new WorkRate("fence/cane", "Pushing in a cane", 1, "cane", GUESS, Stage.POSTS);
    static final WorkRate BRACE =
            new WorkRate("fence/brace", "Bracing a corner, an end or a gate", 45, "brace", GUESS, Stage.POSTS);
    static final WorkRate MESH = new WorkRate("fence/mesh", "Hanging mesh", 4, "metre", GUESS, Stage.MESH).byTwo();
    static final WorkRate STRING = new WorkRate("fence/string", "Hanging string", 0.5, "metre", GUESS, Stage.MESH);
    static final WorkRate BURYING =
            new WorkRate("fence/buried-foot", "Trenching and burying mesh", 15, "metre", GUESS, Stage.MESH);
    static final WorkRate APRON =
            new WorkRate("fence/apron", "Laying and pegging an apron", 5, "metre", GUESS, Stage.MESH);

    static final WorkRate IN_BED =
            new WorkRate("fence/foot-in-bed", "Letting mesh into the soil of a bed", 4, "metre", GUESS, Stage.MESH);

    static final WorkRate BOARD =
            new WorkRate("fence/board", "Sawing and fixing a rail or board", 6, "piece", GUESS, Stage.MESH);
    static final WorkRate LEAF = new WorkRate(
                    "fence/gate-leaf", "Building and hanging a leaf of a gate", 180, "leaf", GUESS, Stage.GATES)
            .byTwo();

    private FenceRates() {}

    static Stream<WorkRate> all() {
        return Stream.of(CONCRETE, GRAVEL, DRIVEN, CANE, BRACE, MESH, STRING, BURYING, APRON, IN_BED, BOARD, LEAF);
    }

    static WorkRate setting(PostKind kind) {
        return switch (kind) {
            case WOOD_IN_CONCRETE -> CONCRETE;
            case WOOD_IN_GRAVEL, UNTREATED_WOOD -> GRAVEL;
            case EXISTING -> throw new IllegalArgumentException("nothing is set where posts stand");
            case DRIVEN_STEEL -> DRIVEN;
            case CANES -> CANE;
        };
    }
}
