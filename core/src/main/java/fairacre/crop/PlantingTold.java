package fairacre.crop;

import fairacre.catalogue.Crop;
import fairacre.catalogue.Raising;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.Plan;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * What is told of a planting in a season.
 *
 * @param count of plants; 0 if its bed is not there or has no soil in that part
 * @param places of the plants; none if they are too many to draw
 * @param spread of a plant on the day that is looked at; empty if it is not in the bed then
 * @param height on that day
 * @param plantsApart from plant to plant
 * @param rowsApart from row to row
 * @param indoors the day on which it is sown indoors; empty if it is not
 * @param ripe the day of the first harvest, as is usual
 * @param yield kilograms a year in full bearing, as is usual; 0 of what is not eaten
 * @param wanted what is wanted to plant it
 */
public record PlantingTold(
        UUID planting,
        int count,
        List<Point> places,
        Optional<Length> spread,
        Optional<Length> height,
        Length plantsApart,
        Length rowsApart,
        Optional<LocalDate> indoors,
        LocalDate ripe,
        double yield,
        PlantsWanted wanted) {

    public PlantingTold {
        places = List.copyOf(places);
    }

    /**
     * What is wanted for a planting.
     *
     * @param seeds with those that don't come up and a tenth more; 0 if none are sown
     * @param packets that hold them, if they are bought for it alone
     * @param plants young plants, sets, tubers, crowns or bushes that are bought; 0 if it is grown from seed
     */
    public record PlantsWanted(int seeds, int packets, int plants) {

        /** One more in ten (common practice). */
        private static final double SPARE = 1.1;

        private static final double HAIR = 1e-9;

        static PlantsWanted of(Plan plan, Planting planting, int count) {
            if (planting.raising() == Raising.BOUGHT) {
                return new PlantsWanted(0, 0, count);
            }
            Crop.Seed seed = planting.grown(plan).seed().orElseThrow();
            int seeds = seeds(count, seed.germination());
            return new PlantsWanted(seeds, packets(seeds, seed), 0);
        }

        /** Seeds for so many plants, of which a share comes up. */
        static int seeds(int plants, double comesUp) {
            return (int) Math.ceil(plants * SPARE / comesUp - HAIR);
        }

        /** Plants for which so many seeds are enough. */
        static int plants(int seeds, double comesUp) {
            return (int) Math.floor(seeds * comesUp / SPARE + HAIR);
        }

        static int packets(int seeds, Crop.Seed seed) {
            return (seeds + seed.packet() - 1) / seed.packet();
        }
    }
}
