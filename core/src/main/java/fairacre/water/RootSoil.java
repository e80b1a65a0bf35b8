package fairacre.water;

import fairacre.plan.BedRevision;
import fairacre.plan.SqueezeTest;
import java.util.List;
import java.util.OptionalDouble;

/**
 * The soil in which the roots of a bed stand: its fill in a raised bed, that of the squeeze test in the ground.
 *
 * @param held what it holds for plants, of its volume: between field capacity and wilting (FAO-56, table 19, middles of
 *     the ranges; the fill of a raised bed as loam; from memory)
 * @param intake millimetres an hour that it takes in, of clay; empty of soil on which drippers make no puddles
 */
record RootSoil(double held, OptionalDouble intake) {

    /** How deep most vegetables root at least, metres (FAO-56, table 22: 0.3 for lettuce and onion; from memory). */
    private static final double ROOTS = 0.3;
    /** What of the store may be used before vegetables want for water, at 5 mm a day (FAO-56, table 22). */
    private static final double READILY = 0.4;
    /** Of every millimetre a day less so much more of it (FAO-56, table 22). */
    private static final double MORE_READILY = 0.04;

    private static final double MILLIMETRES = 1000;
    /** Of clay, millimetres an hour: the upper end of 1 to 5 (FAO Training Manual 5; from memory). */
    private static final double CLAY_INTAKE = 5;
    /** So much may stand on level soil before it runs off, millimetres (0.2 in, common practice). */
    private static final double PUDDLE = 5;

    private static final double MINUTES = 60;

    private static final RootSoil LOAM = new RootSoil(0.15, OptionalDouble.empty());
    private static final RootSoil SAND = new RootSoil(0.08, OptionalDouble.empty());
    private static final RootSoil CLAY = new RootSoil(0.16, OptionalDouble.of(CLAY_INTAKE));

    static RootSoil of(BedRevision bed, SqueezeTest ground) {
        if (bed.holding().isPositive()) {
            return LOAM;
        }
        return switch (ground) {
            case FALLS_APART -> SAND;
            case HOLDS_AND_CRUMBLES, NOT_DONE -> LOAM;
            case MAKES_A_RIBBON -> CLAY;
        };
    }

    /** What plants take up of it before they want for water, millimetres. */
    double readily(double millimetresADay) {
        return MILLIMETRES * held * ROOTS * (READILY + MORE_READILY * (5 - millimetresADay));
    }

    /** All that it holds for plants, millimetres. */
    double store() {
        return MILLIMETRES * held * ROOTS;
    }

    /** Whole days from one watering to the next; one at least. */
    int lasts(double millimetresADay) {
        return (int) Math.max(1, Math.floor(readily(millimetresADay) / millimetresADay));
    }

    /**
     * Minutes until water stands on it: what may stand, by what comes down faster than it seeps in (as auditors of
     * irrigation reckon the longest run; from memory). Empty if it never does.
     */
    OptionalDouble longestRun(double millimetresAnHour) {
        return intake.isPresent() && millimetresAnHour > intake.getAsDouble()
                ? OptionalDouble.of(MINUTES * PUDDLE / (millimetresAnHour - intake.getAsDouble()))
                : OptionalDouble.empty();
    }

    /** Minutes until clay has taken in what stands on it. */
    static int pause() {
        return (int) Math.ceil(MINUTES * PUDDLE / CLAY_INTAKE);
    }

    /** The one that dries out first. */
    static RootSoil least(List<RootSoil> soils) {
        return soils.stream().min((a, b) -> Double.compare(a.held(), b.held())).orElse(LOAM);
    }
}
