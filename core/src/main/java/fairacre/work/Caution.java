package fairacre.work;

import fairacre.bill.Stage;
import fairacre.staging.Lift;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * What can hurt somebody at work, and the usual care (common practice). Local rules and what makers of tools and goods
 * say come first.
 */
public enum Caution {
    BURIED(
            "Before you dig, ask where cables and pipes lie: most countries have a free service for that.",
            EnumSet.of(Stage.DIGGING, Stage.PIPES, Stage.POSTS),
            Set.of()),
    BACK(
            "Lift with your legs, and what weighs more than 25 kg with somebody else. Fill barrows half.",
            EnumSet.of(Stage.DIGGING, Stage.BASE, Stage.FILL, Stage.SURFACES),
            Set.of("wall/block", "wall/stone")),
    TETANUS(
            "Soil and rusty wire carry tetanus: wear gloves, and see that your vaccination holds.",
            EnumSet.of(Stage.CLEARING, Stage.DIGGING, Stage.MESH, Stage.PLANTING),
            Set.of()),
    SAW(
            "Saw with glasses, ear protection and a dust mask, clamped and not on your knee. Dust of treated wood is neither"
                    + " breathed, burnt nor composted.",
            EnumSet.noneOf(Stage.class),
            Set.of("frame/piece", "fence/board", "fence/gate-leaf", "hoop/cut", "hoop/rip", "tunnel/piece")),
    CONCRETE(
            "Wet concrete burns skin and eyes: wear waterproof gloves and glasses, and rinse splashes off at once.",
            EnumSet.noneOf(Stage.class),
            Set.of("fence/concrete", "wall/block", "wall/brick")),
    WIRE(
            "Stretched mesh springs back: wear glasses and gloves, and stand beside it.",
            EnumSet.of(Stage.MESH),
            Set.of()),
    HEAT(
            "On hot days begin early, rest in the shade every hour, and drink before you are thirsty.",
            EnumSet.noneOf(Stage.class),
            Set.of()),
    LADDER(
            "A ladder stands on firm ground or a board, with somebody at its foot.",
            EnumSet.noneOf(Stage.class),
            Set.of("arch/put-up", "tunnel/bow", "tunnel/sheet"));

    /** Where it is usually as warm as this in the afternoon, or warmer, {@link #HEAT} is told, degrees Celsius. */
    public static final double HOT = 27;

    private final String text;
    private final Set<Stage> stages;
    private final Set<String> rates;

    Caution(String text, Set<Stage> stages, Set<String> rates) {
        this.text = text;
        this.stages = stages;
        this.rates = rates;
    }

    /** One or two sentences. */
    public String text() {
        return text;
    }

    /** Keys of the rates at which it matters, whatever the stage. */
    public Set<String> rates() {
        return rates;
    }

    /** Whether it matters at a task. */
    public boolean isFor(PlannedTask task) {
        return stages.contains(task.stage())
                || rates.contains(task.rate().key())
                || this == BACK && task.lift().filter(Lift::byTwo).isPresent();
    }

    /** What to mind at some tasks, each once. */
    public static List<Caution> of(Collection<PlannedTask> tasks) {
        return Arrays.stream(values())
                .filter(caution -> tasks.stream().anyMatch(caution::isFor))
                .toList();
    }
}
