package fairacre.water;

import fairacre.measure.Volume;
import fairacre.plan.Plan;
import fairacre.shape.Memo;
import java.util.Collection;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;

/**
 * How some beds are watered in a season, all together.
 *
 * @param evenness of the zone that is least even, 0 to 1
 * @param enough whether nothing is wrong with a zone that waters one of them
 * @param minutes a week by the rule of thumb, of the zone that runs longest
 * @param season what the beds take from the first growing month to the last; empty without normals of the weather
 */
public record WateringFigures(double evenness, boolean enough, double minutes, Optional<Volume> season) {

    /** Empty where none of the beds is watered. */
    public static Optional<WateringFigures> of(Plan plan, int season, Collection<UUID> beds) {
        WaterStudy.Water water =
                WaterStudy.of(plan, season, plan.standing(season), Memo.none()).water();
        int[] zones = IntStream.range(0, water.zones().size())
                .filter(i -> water.zones().get(i).beds().stream().anyMatch(bed -> beds.contains(bed.bed())))
                .toArray();
        if (zones.length == 0) {
            return Optional.empty();
        }
        Programme programme = water.programme();
        double litres = IntStream.of(zones)
                .mapToDouble(i ->
                        programme.zones().get(i).year() * share(water.zones().get(i), beds))
                .sum();
        return Optional.of(new WateringFigures(
                IntStream.of(zones)
                        .mapToDouble(i -> water.zones().get(i).evenness())
                        .min()
                        .orElseThrow(),
                IntStream.of(zones).allMatch(i -> water.zones().get(i).runsWell()),
                IntStream.of(zones)
                        .mapToDouble(i -> programme.zones().get(i).ruleOfThumb().minutes())
                        .max()
                        .orElseThrow(),
                programme.months().isEmpty() ? Optional.empty() : Optional.of(Volume.litres(litres))));
    }

    /** Of what a zone takes, by what flows into the beds. */
    private static double share(Zone zone, Collection<UUID> beds) {
        double all = zone.flow().litresAnHour();
        double own = zone.beds().stream()
                .filter(bed -> beds.contains(bed.bed()))
                .mapToDouble(bed -> bed.flow().litresAnHour())
                .sum();
        return all <= 0 ? 0 : own / all;
    }
}
