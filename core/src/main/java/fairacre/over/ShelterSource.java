package fairacre.over;

import fairacre.parts.Part;
import fairacre.parts.Parts;
import fairacre.plan.Plan;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Says which of its things keep frost off beds. */
public interface ShelterSource extends Part {

    Stream<Shelter> shelters(Plan plan, int season);

    /**
     * @param weeks so much earlier things go out under it, and so much longer they stay
     * @param rain whether rain reaches the bed, at least while it is warm
     */
    record Shelter(UUID bed, int weeks, boolean rain) {}

    /** Under clear film or panes (common practice). */
    int CLEAR = 4;
    /** Under fleece (common practice). */
    int FLEECE = 2;

    /** So many weeks for each bed that is sheltered in a season; the best of what is over it. */
    static Map<UUID, Integer> weeks(Plan plan, int season) {
        Map<UUID, Integer> weeks = new HashMap<>();
        Parts.bringing(ShelterSource.class).stream()
                .flatMap(source -> source.shelters(plan, season))
                .forEach(shelter -> weeks.merge(shelter.bed(), shelter.weeks(), Math::max));
        return weeks;
    }

    /** Beds of a season that no rain reaches. */
    static Set<UUID> rainless(Plan plan, int season) {
        return Parts.bringing(ShelterSource.class).stream()
                .flatMap(source -> source.shelters(plan, season))
                .filter(shelter -> !shelter.rain())
                .map(Shelter::bed)
                .collect(Collectors.toSet());
    }

    /** What a fabric shelters: 0 of nets. */
    static int weeks(Fabric fabric) {
        return switch (fabric) {
            case FILM -> CLEAR;
            case FLEECE -> FLEECE;
            case NONE, FINE_NET, INSECT_NET, BUTTERFLY_NET, BIRD_NET, SHADE_CLOTH -> 0;
        };
    }
}
