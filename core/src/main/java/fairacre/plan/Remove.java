package fairacre.plan;

import java.util.UUID;

/** Takes a thing out. */
public sealed interface Remove<T> extends Change permits Change.RemoveGardener, GroundChange.RemoveFeature, GroundChange.RemoveWayIn,
        GroundChange.RemoveCarrier, GroundChange.RemoveWalk, PurseChange.RemoveSundry, PurseChange.RemoveQuote {

    Things<T> things();

    /** Of the thing. */
    UUID gone();

    @Override
    default Plan carriedOut(Plan plan) {
        return things().without(plan, gone());
    }

    @Override
    default Change inverse(Plan before) {
        things().known(before, gone());
        return things().restoring(before, gone());
    }
}
