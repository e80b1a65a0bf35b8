package fairacre.work;

import static fairacre.bill.Stage.BASE;
import static fairacre.bill.Stage.CLEARING;
import static fairacre.bill.Stage.DIGGING;
import static fairacre.bill.Stage.FILL;
import static fairacre.bill.Stage.FRAMES;
import static fairacre.bill.Stage.GATES;
import static fairacre.bill.Stage.LINES;
import static fairacre.bill.Stage.MESH;
import static fairacre.bill.Stage.MULCH;
import static fairacre.bill.Stage.PIPES;
import static fairacre.bill.Stage.PLANTING;
import static fairacre.bill.Stage.POSTS;
import static fairacre.bill.Stage.STRUCTURES;
import static fairacre.bill.Stage.SURFACES;

import fairacre.bill.Stage;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Set;

/** What is taken along for the work, by its stages (common practice). */
public enum Tool {
    TAPE("Tape measure, pencil or chalk", CLEARING, DIGGING, PIPES, BASE, FRAMES, POSTS, GATES, STRUCTURES, LINES),
    STRING("String and pegs", DIGGING, BASE, FRAMES, POSTS, PLANTING),
    LEVEL("Spirit level", DIGGING, BASE, FRAMES, POSTS, GATES, STRUCTURES),
    GLOVES("Work gloves", CLEARING, DIGGING, BASE, FRAMES, FILL, POSTS, MESH, STRUCTURES),
    SPADE("Spade and shovel", CLEARING, DIGGING, PIPES, BASE, FILL, POSTS),
    FORK("Digging fork", CLEARING, PLANTING),
    PICK("Pickaxe or crowbar", DIGGING, POSTS),
    BARROW("Barrow", CLEARING, DIGGING, BASE, FILL, SURFACES, MULCH),
    RAKE("Rake", BASE, FILL, SURFACES, PLANTING, MULCH),
    RAMMER("Rammer or plate compactor", BASE),
    SAW("Saw, clamps, glasses and ear protection", FRAMES, STRUCTURES),
    DRILL("Drill driver, drill bits and screw bits", FRAMES, GATES, STRUCTURES),
    SQUARE("Carpenter's square", FRAMES, GATES),
    MALLET("Hammer and mallet", FRAMES, POSTS, MESH, STRUCTURES),
    PLIERS("Pliers and side cutters", MESH, STRUCTURES),
    STRAINER("Staples, or a wire strainer", MESH),
    BUCKET("Bucket and mixing trough", POSTS),
    KNIFE("Knife or scissors", FILL, STRUCTURES, LINES, MULCH),
    PIPE_CUTTER("Pipe cutter", PIPES, LINES),
    PUNCH("Hole punch for pipes", LINES),
    TROWEL("Trowel and dibber", PLANTING),
    CAN("Watering can", PLANTING),
    LABELS("Labels and a pencil", PLANTING);

    private final String label;
    private final Set<Stage> stages;

    Tool(String label, Stage... stages) {
        this.label = label;
        this.stages = Set.of(stages);
    }

    public String label() {
        return label;
    }

    /** What is taken along for some tasks, each once. */
    public static List<Tool> of(Collection<PlannedTask> tasks) {
        return Arrays.stream(values())
                .filter(tool -> tasks.stream().map(PlannedTask::stage).anyMatch(tool.stages::contains))
                .toList();
    }
}
