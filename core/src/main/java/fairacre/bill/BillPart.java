package fairacre.bill;

import java.util.Arrays;
import java.util.List;

/** Part of the work that a line of the bill belongs to, in the order of the work. */
public enum BillPart {
    GROUND(Stage.CLEARING, Stage.DIGGING),
    FRAMES(Stage.FRAMES),
    WALKS(Stage.BASE, Stage.SURFACES),
    FILL(Stage.FILL, Stage.MULCH),
    WATER(Stage.PIPES, Stage.LINES),
    FENCE(Stage.POSTS, Stage.MESH, Stage.GATES),
    /** What stands on or over beds. */
    STRUCTURES(Stage.STRUCTURES),
    /** Seed and young plants. */
    CROPS(Stage.PLANTING),
    /** For all stages. */
    TOOLS(Stage.values()),
    OTHER;

    private final List<Stage> stages;

    BillPart(Stage... stages) {
        this.stages = Arrays.stream(stages).toList();
    }

    /** The stages for which its things are bought, in their order; none for what is bought besides. */
    public List<Stage> stages() {
        return stages;
    }
}
