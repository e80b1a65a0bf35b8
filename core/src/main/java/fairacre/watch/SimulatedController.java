package fairacre.watch;

import java.util.HashSet;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;

/** Valves that are none: what runs is what was solved for each, altered by faults. Time passes when it is told to. */
public final class SimulatedController implements Controller {

    private final Map<UUID, Double> litresAMinute;
    private final Map<UUID, Fault> faults;
    private final Set<UUID> open = new HashSet<>();
    private double counted;

    /**
     * @param litresAMinute what runs through each valve that is open alone
     * @param faults of some valves
     */
    public SimulatedController(Map<UUID, Double> litresAMinute, Map<UUID, Fault> faults) {
        this.litresAMinute = Map.copyOf(litresAMinute);
        this.faults = Map.copyOf(faults);
    }

    @Override
    public void open(UUID valve) {
        open.add(valve);
    }

    @Override
    public void shut(UUID valve) {
        if (faults.get(valve) != Fault.STUCK_OPEN) {
            open.remove(valve);
        }
    }

    @Override
    public OptionalDouble counted() {
        return open.stream().anyMatch(valve -> faults.get(valve) == Fault.SIGNAL_LOST)
                ? OptionalDouble.empty()
                : OptionalDouble.of(counted);
    }

    /** Lets so many minutes pass. */
    public void pass(double minutes) {
        for (UUID valve : open) {
            Fault fault = faults.get(valve);
            counted += minutes * litresAMinute.get(valve) * (fault == null ? 1 : fault.share());
        }
    }
}
