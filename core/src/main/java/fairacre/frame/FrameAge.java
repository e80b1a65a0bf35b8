package fairacre.frame;

import fairacre.build.Kit;
import fairacre.plan.Bed;
import fairacre.plan.BedRevision;
import fairacre.plan.Lifetime;
import fairacre.takeoff.Lasts;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A frame, kit or wall of a bed from the season in which it is made until another takes its place or the bed goes. What
 * is put on top of it later is as old as it.
 */
record FrameAge(Lifetime wanted, Lasts lasts) {

    /** Those that are made for a bed; one that stood before is none. */
    static List<FrameAge> of(Bed bed) {
        List<FrameAge> ages = new ArrayList<>();
        List<BedRevision> built = built(bed);
        for (int i = 0; i < built.size(); i++) {
            BedRevision revision = built.get(i);
            Optional<Integer> until = Optional.of(i + 1)
                    .filter(next -> next < built.size())
                    .map(next -> built.get(next).from())
                    .or(bed::retired);
            if (!(revision.existing() && i == 0)) {
                lasts(revision)
                        .ifPresent(lasts ->
                                ages.add(new FrameAge(new Lifetime(Optional.of(revision.from()), until), lasts)));
            }
        }
        return ages;
    }

    /** The revisions in which what holds the soil is made anew, or the bed as it stood at first. */
    private static List<BedRevision> built(Bed bed) {
        List<FrameJob> jobs = FrameJob.of(bed);
        List<BedRevision> built = new ArrayList<>();
        for (int i = 0; i < jobs.size(); i++) {
            BedRevision revision = bed.revisions().get(i);
            if (i == 0 || anew(bed.revisions().get(i - 1), revision, jobs.get(i))) {
                built.add(revision);
            }
        }
        return built;
    }

    private static boolean anew(BedRevision before, BedRevision revision, FrameJob job) {
        return before.holder() != revision.holder()
                || job.kit().isPresent()
                || revision.frame()
                        .filter(frame -> frame.courses() == job.courses())
                        .isPresent()
                || !before.build()
                        .wall()
                        .map(wall -> wall.kind())
                        .equals(revision.build().wall().map(wall -> wall.kind()));
    }

    /** How long what holds the soil lasts; empty where nothing does. */
    private static Optional<Lasts> lasts(BedRevision revision) {
        return Stream.of(
                        revision.frame()
                                .map(frame -> Lasts.between(
                                        frame.material().leastYears(),
                                        frame.material().mostYears())),
                        revision.build()
                                .wall()
                                .map(wall -> Lasts.between(
                                        wall.kind().leastYears(), wall.kind().mostYears())),
                        revision.build().kit().map(kit -> Lasts.between(Kit.LEAST_YEARS, Kit.MOST_YEARS)))
                .flatMap(Optional::stream)
                .findFirst();
    }
}
