package fairacre.husbandry;

import fairacre.catalogue.Family;
import fairacre.crop.Planting;
import fairacre.crop.PlantingKinds;
import fairacre.plan.Plan;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Optional;

/** Which families grew in which bed before. */
public final class FamilyHistory {

    /** What stands for less leaves nothing behind, days (common practice). */
    private static final int COUNTS = 60;

    private final Plan plan;

    FamilyHistory(Plan plan) {
        this.plan = plan;
    }

    /** Years until a family may return to a bed; 0 for those that may at once (rotation tables, from memory). */
    public static int wait(Family family) {
        return switch (family) {
            case NIGHTSHADE, CABBAGE, ONION, CARROT -> 3;
            case PEA, GOURD, BEET -> 2;
            case DAISY,
                    GRASS,
                    MINT,
                    ROSE,
                    GOOSEBERRY,
                    HEATH,
                    BUCKWHEAT,
                    ASPARAGUS,
                    BINDWEED,
                    MALLOW,
                    VALERIAN,
                    PURSLANE,
                    BORAGE,
                    NASTURTIUM -> 0;
        };
    }

    /** The longest that any family waits, years. */
    public static int longestWait() {
        return Arrays.stream(Family.values())
                .mapToInt(FamilyHistory::wait)
                .max()
                .orElseThrow();
    }

    /** Whether its family waits for anything. */
    public static boolean counts(Plan plan, Planting planting) {
        return planting.days() >= COUNTS
                && planting.grown(plan).perennial().isEmpty()
                && wait(planting.grown(plan).family()) > 0;
    }

    /** The last of its family that grew in its soil too short a time before. */
    Optional<Planting> tooSoonAfter(Planting planting) {
        if (!counts(plan, planting)) {
            return Optional.empty();
        }
        Family family = planting.grown(plan).family();
        return plan.list(PlantingKinds.PLANTINGS).stream()
                .filter(before -> counts(plan, before)
                        && before.grown(plan).family() == family
                        && before.from().isBefore(planting.from())
                        && !before.meets(planting)
                        && before.sharesSoil(planting)
                        && season(planting) - season(before) < wait(family))
                .max(Comparator.comparing(Planting::from));
    }

    private int season(Planting planting) {
        return Plan.season(planting.from(), plan.yearBegins());
    }
}
