package fairacre.hoop;

import fairacre.outline.Polygons;
import fairacre.over.Fabric;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.sun.ShadeSource.Shade;
import java.util.List;
import java.util.stream.Stream;

/** The shadow of sheets over hoops: each takes its share over all of its bed, as a box of the bow's mean height. */
final class HoopShade {

    /** Above the soil that it shades, metres. */
    private static final double JUST_ABOVE = 0.01;

    private HoopShade() {}

    static Stream<Shade> of(Plan plan, int season) {
        List<HoopSet> sets = HoopKinds.sets(plan, season).stream()
                .filter(set -> set.cover() != Fabric.NONE)
                .toList();
        if (sets.isEmpty()) {
            return Stream.empty();
        }
        List<StandingBed> standing = plan.standing(season);
        HoopStudy study = HoopStudy.of(plan, season, standing);
        return sets.stream()
                .flatMap(set -> study.over(set, HoopFit.of(plan, set)).stream()
                        .filter(over -> over.misfit().isEmpty())
                        .flatMap(over -> standing.stream()
                                .filter(bed -> bed.id().equals(over.bed()))
                                .map(bed -> shade(set, over, bed))));
    }

    private static Shade shade(HoopSet set, HoopsOverBed over, StandingBed bed) {
        double top = bed.revision().height().metres();
        double mean = Polygons.of(over.side()).getArea() / over.span().metres();
        return new Shade(
                set.id(),
                Polygons.of(bed.corners()),
                top + JUST_ABOVE,
                top + mean,
                set.cover().shade());
    }
}
