package fairacre.plan;

import java.util.List;

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
}
