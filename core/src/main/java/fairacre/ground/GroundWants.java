package fairacre.ground;

import fairacre.bill.WorkRate;
import fairacre.measure.Length;
import fairacre.measure.Volume;
import fairacre.outline.Polygons;
import fairacre.plan.Bed;
import fairacre.plan.BedRevision;
import fairacre.plan.Clearing;
import fairacre.plan.Site;
import fairacre.plan.SoilNotes;
import fairacre.plan.SpotHeight;
import fairacre.plan.StandingBed;
import fairacre.shape.Areas;
import fairacre.takeoff.Served;
import fairacre.takeoff.Takeoff;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Geometry;

/**
 * Takes off the work on the ground of beds before they are built. A bed that stood already takes none; one that is
 * rebuilt takes it for the ground that it hadn't before. A bed on legs stands on the ground as it is.
 */
final class GroundWants {

    /** Less ground than this is lost to rounding, square metres. */
    private static final double LOST = 1e-3;

    private GroundWants() {}

    /** The question what the ground of a bed takes. */
    private record JobsOf(Bed bed, SoilNotes soil, List<SpotHeight> heights) {}

    private record Job(int season, WorkRate rate, double quantity) {}

    static void takeOff(Takeoff takeoff) {
        Site site = takeoff.plan().site();
        Optional<Levels> levels = Levels.of(site.levels(), takeoff.memo());
        for (Bed bed : takeoff.plan().beds()) {
            List<Job> jobs = takeoff.memo()
                    .recall(new JobsOf(bed, site.soil(), site.levels()), () -> jobs(bed, site.soil(), levels));
            jobs.forEach(job -> takeoff.work(job.season(), job.rate(), job.quantity(), Served.bed(bed.id())));
        }
    }

    private static List<Job> jobs(Bed bed, SoilNotes soil, Optional<Levels> levels) {
        List<Job> jobs = new ArrayList<>();
        List<BedRevision> before = new ArrayList<>();
        for (BedRevision revision : bed.revisions()) {
            boolean stood = before.isEmpty() && revision.existing();
            if (!stood && !revision.build().legs().isPositive()) {
                rate(soil.clearing(), revision)
                        .ifPresent(rate -> jobs.add(new Job(revision.from(), rate, newGround(revision, before))));
                levels.filter(known -> before.stream().noneMatch(each -> sameFoot(each, revision)))
                        .ifPresent(known -> jobs.add(new Job(
                                revision.from(),
                                GroundRates.LEVELLING,
                                dugIn(known, new StandingBed(bed.id(), bed.name(), revision), soil))));
            }
            before.add(revision);
        }
        return jobs;
    }

    private static Optional<WorkRate> rate(Clearing way, BedRevision bed) {
        return way == Clearing.SHEET_MULCH && !bed.flat() ? Optional.of(GroundRates.SHEET_UNDER) : GroundRates.of(way);
    }

    /** Square metres of its ground that it did not have before; nothing for what is lost to rounding. */
    private static double newGround(BedRevision bed, List<BedRevision> before) {
        Geometry had = Areas.joined(
                before.stream().map(each -> Polygons.of(each.corners())).toList());
        double area = Areas.without(Polygons.of(bed.corners()), had).getArea();
        return area < LOST ? 0 : area;
    }

    private static boolean sameFoot(BedRevision one, BedRevision other) {
        return one.corners().equals(other.corners());
    }

    /** Cubic metres in the bank that are dug to the level of its lowest corner; none where it is not dug in. */
    private static double dugIn(Levels levels, StandingBed bed, SoilNotes soil) {
        boolean level = bed.revision().madeUp().isPresent()
                || !bed.revision().thickness().isPositive()
                || LevelStudy.of(levels).level(bed).meaning() != BedLevel.Meaning.DIG_IN;
        if (level) {
            return 0;
        }
        double lowest =
                bed.outline().corners().stream().mapToDouble(levels::at).min().orElseThrow();
        return EarthworkStudy.of(levels, bed.outline())
                .to(Optional.of(Length.metres(lowest)), soil.squeeze(), Volume.ZERO)
                .cut()
                .cubicMetres();
    }
}
