package fairacre.husbandry;

import fairacre.crop.Planting;
import fairacre.crop.PlantingKinds;
import fairacre.plan.Gardener;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.walk.WalkStudy;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/** Which crops of a season have no room to sprawl: they close a walk, or creep over what grows in the next bed. */
final class SprawlStudy {

    private final Plan plan;
    private final List<StandingBed> standing;
    private final List<Planting> plantings;
    private final List<Sprawl> sprawls;

    SprawlStudy(Plan plan, int season) {
        this.plan = plan;
        this.standing = plan.standing(season);
        this.plantings = PlantingKinds.plantings(plan, season);
        this.sprawls = plantings.stream()
                .flatMap(planting -> sprawl(planting).stream())
                .toList();
    }

    private Optional<Sprawl> sprawl(Planting planting) {
        return standing.stream()
                .filter(bed -> bed.id().equals(planting.bed()))
                .filter(bed -> HusbandryKinds.follows(plan, HusbandryRule.SPRAWLS))
                .findFirst()
                .flatMap(bed -> Sprawl.of(plan, bed, planting));
    }

    /**
     * What a sprawling crop leaves of the walk to another bed.
     *
     * @param left metres; negative where it creeps over the bed
     * @param stuck who got through before
     * @param over what grows there, if it creeps over it
     */
    record Close(Sprawl sprawl, StandingBed other, double left, List<Gardener> stuck, Optional<Planting> over) {

        private boolean isTooClose() {
            return !stuck.isEmpty() || over.isPresent();
        }
    }

    /** Where each of them has least room, if that is too little. */
    List<Close> closes() {
        return sprawls.stream().flatMap(sprawl -> close(sprawl).stream()).toList();
    }

    boolean hasRoom(UUID planting) {
        return sprawls.stream()
                .filter(sprawl -> sprawl.planting().id().equals(planting))
                .allMatch(sprawl -> close(sprawl).isEmpty());
    }

    /** Whether a planting, which need not be in the plan, closes no walk and creeps over no bed. */
    boolean keepsToItself(Planting planting) {
        return sprawl(planting).stream()
                .allMatch(sprawl -> near(sprawl)
                        .allMatch(other -> sprawl.to(other) >= -WalkStudy.SLACK
                                && stuck(sprawl.walk(other), sprawl.to(other)).isEmpty()));
    }

    private Optional<Close> close(Sprawl sprawl) {
        return near(sprawl)
                .map(other -> close(sprawl, other))
                .filter(Close::isTooClose)
                .min(Comparator.comparingDouble(Close::left));
    }

    /** Other beds that it could come too close to. */
    private Stream<StandingBed> near(Sprawl sprawl) {
        double widest = plan.gardeners().stream()
                .mapToDouble(gardener -> gardener.passing().metres())
                .max()
                .orElse(0);
        double sprawling = sprawls.stream().mapToDouble(Sprawl::radius).max().orElse(0);
        return standing.stream()
                .filter(other -> !other.id().equals(sprawl.bed().id()))
                .filter(other -> sprawl.isWithin(widest + sprawling, other));
    }

    private Close close(Sprawl sprawl, StandingBed other) {
        double left = Stream.concat(
                        Stream.of(sprawl.to(other)),
                        sprawls.stream()
                                .filter(each -> each.bed().id().equals(other.id())
                                        && each.planting().meets(sprawl.planting()))
                                .map(sprawl::to))
                .min(Comparator.naturalOrder())
                .orElseThrow();
        return new Close(sprawl, other, left, stuck(sprawl.walk(other), left), under(sprawl, other));
    }

    /** Who passes one width and not the other, metres. */
    private List<Gardener> stuck(double before, double after) {
        return plan.gardeners().stream()
                .filter(gardener -> passes(gardener, before) && !passes(gardener, after))
                .toList();
    }

    private static boolean passes(Gardener gardener, double width) {
        return gardener.passing().metres() <= width + 2 * WalkStudy.SLACK;
    }

    /** Something else that grows at the same time where it creeps. */
    private Optional<Planting> under(Sprawl sprawl, StandingBed other) {
        String kind = sprawl.planting().grown(plan).kind();
        return plantings.stream()
                .filter(each -> sprawl.to(other) < -WalkStudy.SLACK
                        && each.bed().equals(other.id())
                        && each.meets(sprawl.planting())
                        && !each.grown(plan).kind().equals(kind))
                .findFirst();
    }
}
