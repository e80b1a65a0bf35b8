package fairacre.plan;

import java.util.List;
import java.util.UUID;

/**
 * What the beds of a season stand in: the ground, what is on it besides beds, and the gates.
 *
 * @param gates in the edge of the plot and in fences within it
 */
public record Setting(Site site, List<Feature> features, List<WayIn> gates) {

    public Setting {
        features = List.copyOf(features);
        gates = List.copyOf(gates);
    }

    /** The gates that lead onto the plot. */
    public List<WayIn> waysIn() {
        return gates.stream().filter(gate -> gate.fence().isEmpty()).toList();
    }

    /** Open ground with nothing on it. */
    public static Setting of(Site site) {
        return new Setting(site, List.of(), List.of());
    }

    /** With one feature taken away. */
    public Setting without(UUID feature) {
        return new Setting(
                site, features.stream().filter(f -> !f.id().equals(feature)).toList(), gates);
    }
}
