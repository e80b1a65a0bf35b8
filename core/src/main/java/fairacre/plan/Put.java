package fairacre.plan;

/** A new thing, or another state of the one with its id. */
public sealed interface Put<T> extends Change permits Change.PutGardener, GroundChange.PutFeature, GroundChange.PutWayIn, GroundChange.PutCarrier,
        GroundChange.PutWalk, PurseChange.PutSundry, PurseChange.PutQuote {

    Things<T> things();

    T thing();

    @Override
    default Plan carriedOut(Plan plan) {
        return things().put(plan, thing());
    }

    @Override
    default Change inverse(Plan before) {
        return things().restoring(before, things().id().apply(thing()));
    }
}
