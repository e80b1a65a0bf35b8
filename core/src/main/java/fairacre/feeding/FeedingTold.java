package fairacre.feeding;

import fairacre.catalogue.Feeding;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.measure.Volume;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * What the beds of a season want, bed by bed in the order of their names, and what there is for them.
 *
 * @param bought lime and the like
 * @param compost that all of them want
 * @param topUp what the bill brings of it, where beds are topped up yearly
 * @param made what the bays give in a year
 */
public record FeedingTold(List<BedFeeding> beds, List<Bought> bought, Volume compost, Volume topUp, Volume made) {

    public FeedingTold {
        beds = List.copyOf(beds);
        bought = List.copyOf(bought);
    }

    /** @param kilograms that are spread on a bed in the season */
    public record Dose(Amendment amendment, double kilograms) {}

    /** @param depth over all of the soil of a bed */
    public record MulchLaid(MulchKind kind, Length depth, Volume volume) {}

    /**
     * @param kilograms that are spread on all beds
     * @param bags that are bought for it, besides what is left of earlier ones
     */
    public record Bought(Amendment amendment, double kilograms, int bags) {}

    /**
     * @param hungriest name of the crop that takes most; empty if nothing grows there
     * @param feeding what it takes
     * @param depth of compost over the soil
     * @param test the one that counts for it; empty if there is none
     * @param mulch that is laid on it, in the order of their names
     * @param sourOnPurpose whether something grows there that wants sour soil, so that it gets no lime
     */
    public record BedFeeding(
            UUID bed,
            Area soil,
            Optional<String> hungriest,
            Optional<Feeding> feeding,
            Length depth,
            Volume compost,
            Optional<UUID> test,
            List<Dose> doses,
            List<MulchLaid> mulch,
            boolean sourOnPurpose) {
        public BedFeeding {
            mulch = List.copyOf(mulch);
            doses = List.copyOf(doses);
        }
    }
}
