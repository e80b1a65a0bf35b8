package fairacre.hoop;

import fairacre.fence.FenceKinds;
import fairacre.frame.Families;
import fairacre.measure.Length;
import fairacre.over.BedPlace;
import fairacre.over.Fabric;
import fairacre.plan.Lifetime;
import fairacre.plan.Names;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.StandingBed;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * Hoops to begin with: half circles of the first kind of pipe that goes over all the beds, a foot deep in the soil, as
 * close as the snow that was noted wants, under fleece. Where none goes over all of them it is the first kind.
 */
public final class NewHoops {

    private static final Length DEPTH = Length.feet(1);

    private NewHoops() {}

    /**
     * The change that puts them up over some beds.
     *
     * @param beds empty for all of the family of equal rectangles that has the most beds
     */
    public static Put<HoopSet> over(Plan plan, int season, List<UUID> beds, UUID id) {
        List<StandingBed> standing = plan.standing(season);
        List<UUID> over = beds.isEmpty() ? largestFamily(standing) : beds;
        return Put.of(Arrays.stream(HoopPipe.values())
                .map(pipe -> begun(plan, season, over, id, pipe))
                .filter(set -> goesOverAll(plan, season, set))
                .findFirst()
                .orElseGet(() -> begun(plan, season, over, id, HoopPipe.PE_20)));
    }

    private static HoopSet begun(Plan plan, int season, List<UUID> over, UUID id, HoopPipe pipe) {
        List<StandingBed> standing = plan.standing(season);
        HoopSet begun = new HoopSet(
                id,
                Names.free(plan.list(HoopKinds.SETS).stream().map(HoopSet::name).toList(), "Hoops"),
                BowForm.CIRCLE,
                pipe,
                Optional.of(rise(standing, over, pipe)),
                Optional.empty(),
                HoopAnchor.IN_SOIL,
                DEPTH,
                FenceKinds.snow(plan).isPositive() ? HoopWeather.SNOWY : HoopWeather.SHELTERED,
                Fabric.FLEECE,
                over.stream()
                        .distinct()
                        .map(bed -> new BedPlace(bed, Lifetime.ALWAYS))
                        .toList(),
                Lifetime.from(season));
        return shallowEnough(begun, standing);
    }

    private static boolean goesOverAll(Plan plan, int season, HoopSet set) {
        HoopFit fit = HoopFit.of(plan, set);
        return HoopFit.covered(plan, set, season).allMatch(fit::goesOver);
    }

    /** Half the width of the widest bed inside, as far as a set may rise. */
    private static Length rise(List<StandingBed> standing, List<UUID> over, HoopPipe pipe) {
        Length half = standing.stream()
                .filter(bed -> over.contains(bed.id()))
                .map(bed -> HoopFit.span(bed.revision(), pipe).half())
                .max(Comparator.naturalOrder())
                .orElse(HoopSet.LOWEST);
        return Length.max(HoopSet.LOWEST, Length.min(HoopSet.HIGHEST, half));
    }

    /** Of a table no more than its soil. */
    private static HoopSet shallowEnough(HoopSet set, List<StandingBed> standing) {
        Length depth = standing.stream()
                .filter(bed -> bed.revision().build().legs().isPositive())
                .filter(bed ->
                        set.places().stream().anyMatch(place -> place.bed().equals(bed.id())))
                .map(bed -> HoopFit.soil(bed.revision()))
                .reduce(DEPTH, Length::min);
        return set.withAnchor(set.anchor(), Length.max(HoopSet.SHALLOWEST, depth));
    }

    private static List<UUID> largestFamily(List<StandingBed> standing) {
        return Families.of(standing).families().stream()
                .max(Comparator.comparingInt(family -> family.beds().size()))
                .map(Families.Family::beds)
                .orElse(List.of());
    }
}
