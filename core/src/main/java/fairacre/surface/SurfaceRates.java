package fairacre.surface;

import fairacre.bill.Stage;
import fairacre.bill.WorkRate;
import fairacre.goods.LayerKind;
import java.util.stream.Stream;

/** How long it takes to lay walks and drains by hand, the carrying not counted. */
final class SurfaceRates {

    private static final String GUESS = "a rough guess, from memory";

    static final WorkRate DIGGING = new WorkRate("walk/dig", "Digging out", 120, "cubic metre", GUESS, Stage.DIGGING);
    /** 4 to 5 square metres an hour. */
    static final WorkRate BASE = new WorkRate(
            "walk/base",
            "Spreading and compacting a base",
            13.3,
            "square metre",
            "common practice, 4 to 5 square metres an hour",
            Stage.BASE);
    /** 8 to 10 square metres an hour, 4 in deep. */
    static final WorkRate SPREADING = new WorkRate(
            "walk/spread",
            "Spreading a loose layer",
            6.7,
            "square metre",
            "common practice, 8 to 10 square metres of mulch an hour",
            Stage.SURFACES);

    static final WorkRate SHEETS = new WorkRate(
            "walk/sheet", "Laying cardboard, fabric, matting or turf", 3, "square metre", GUESS, Stage.SURFACES);
    static final WorkRate SLABS =
            new WorkRate("walk/slab", "Laying pavers or boards", 30, "square metre", GUESS, Stage.SURFACES);
    static final WorkRate EDGING = new WorkRate("walk/edge", "Setting an edging", 12, "metre", GUESS, Stage.SURFACES);
    static final WorkRate PIPE =
            new WorkRate("drain/pipe", "Laying a drain pipe in its fabric", 6, "metre", GUESS, Stage.DIGGING);

    private SurfaceRates() {}

    static Stream<WorkRate> all() {
        return Stream.of(DIGGING, BASE, SPREADING, SHEETS, SLABS, EDGING, PIPE);
    }

    static WorkRate laying(LayerKind kind) {
        return switch (kind) {
            case BASE, FINES -> BASE;
            case MANURE, SAND, STONE, CHIP -> SPREADING;
            case CARDBOARD, FABRIC, MATTING, TURF -> SHEETS;
            case PAVERS, DECKING -> SLABS;
        };
    }
}
