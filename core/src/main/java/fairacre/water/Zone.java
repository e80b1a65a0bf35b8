package fairacre.water;

import fairacre.measure.Flow;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * What runs at once, as it runs.
 *
 * @param valve that opens it: a run, the lines of a bed, or the source itself
 * @param number on its tag, from 1 on
 * @param name what its tag says: the beds that it waters
 * @param wants what its outlets give where they work as they should
 * @param gives what the source gives at the pressure which that takes; empty of a barrel, which gives what runs out
 * @param flow what it takes as it is
 * @param evenness the lowest quarter of its outlets over the mean, each by what it should give; 0 to 1
 * @param evennessWanted at least
 * @param velocity the greatest in a run, metres a second; 0 without runs
 * @param fastest the run in which it is
 * @param losses on the way to the outlet with the least pressure, from the source on; with that pressure they add up to
 *     what the source has closed
 */
public record Zone(
        UUID valve,
        int number,
        String name,
        UUID source,
        List<BedWater> beds,
        Flow wants,
        Optional<Flow> gives,
        Flow flow,
        double evenness,
        double evennessWanted,
        double velocity,
        Optional<UUID> fastest,
        List<PressureLoss> losses) {

    /** So much of what a source gives may be counted on (common practice). */
    static final double SHARE = 0.75;

    /** Metres a second (common practice). */
    static final double FASTEST = 1.5;

    /** What is exactly as large as may be is not larger by rounding; flows are told to the millilitre an hour. */
    private static final double HAIR = 1e-6;

    private static final double ROUNDING = 0.001;

    public Zone {
        beds = List.copyOf(beds);
        losses = List.copyOf(losses);
    }

    boolean isUneven() {
        return evenness < evennessWanted - HAIR;
    }

    boolean isTooFast() {
        return velocity > FASTEST * (1 + HAIR);
    }

    /** Whether it wants more than may be counted on; never so of a barrel. */
    boolean isTooMuch() {
        return gives.filter(most -> wants.litresAnHour() > SHARE * most.litresAnHour() + ROUNDING)
                .isPresent();
    }

    /** Whether nothing is wrong with it. */
    boolean runsWell() {
        return !isUneven() && !isTooFast() && !isTooMuch() && beds.stream().noneMatch(BedWater::isWeak);
    }
}
