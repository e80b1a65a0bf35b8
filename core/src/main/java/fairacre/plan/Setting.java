package fairacre.plan;

import java.util.List;
import java.util.UUID;

/** What the beds of a season stand in: the ground, what is on it besides beds, and the ways in. */
public record Setting(Site site, List<Feature> features, List<WayIn> waysIn) {

    public Setting {
        features = List.copyOf(features);
        waysIn = List.copyOf(waysIn);
    }

    /** Open ground with nothing on it. */
    public static Setting of(Site site) {
        return new Setting(site, List.of(), List.of());
    }

    /** With one feature taken away. */
    public Setting without(UUID feature) {
        return new Setting(
                site, features.stream().filter(f -> !f.id().equals(feature)).toList(), waysIn);
    }
}
