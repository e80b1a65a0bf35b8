package fairacre.harvest;

import fairacre.catalogue.Crop;
import fairacre.crop.NewPlantings;
import fairacre.crop.Planting;
import fairacre.plan.Plan;
import java.time.LocalDate;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A time in which a planting is picked, evenly from day to day.
 *
 * @param until the day after the last
 */
public record Picking(LocalDate from, LocalDate until) {

    /**
     * What is cleared after a harvest is picked from the first one until then. What lasts for years is picked for 30
     * days in each year in which it bears (a rough guess). What is cleared before it is ripe is not picked at all.
     */
    public static Stream<Picking> of(Plan plan, Planting planting) {
        LocalDate ripe = planting.ripe(plan);
        Stream<Picking> pickings = planting.grown(plan)
                .perennial()
                .map(Crop.Perennial::life)
                .map(life -> IntStream.rangeClosed(0, life)
                        .mapToObj(ripe::plusYears)
                        .map(first ->
                                new Picking(first, earlier(first.plusDays(NewPlantings.HARVEST), planting.until()))))
                .orElseGet(() -> Stream.of(new Picking(ripe, planting.until())));
        return pickings.filter(picking -> picking.from().isBefore(picking.until()));
    }

    private static LocalDate earlier(LocalDate one, LocalDate other) {
        return one.isBefore(other) ? one : other;
    }
}
