package fairacre.reach;

import fairacre.build.Build;
import fairacre.build.Frame;
import fairacre.build.Wall;
import fairacre.judging.Effects;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.judging.Wording;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.plan.BedRevision;
import fairacre.plan.Change;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Gardener;
import fairacre.plan.Posture;
import fairacre.plan.Put;
import fairacre.plan.StandingBed;
import fairacre.reach.WorkingHeight.Ease;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Beds too low or too high for somebody who sits, table beds without room for knees, and fittings out of their reach.
 */
final class HeightSnags {

    private static final Set<FeatureKind> FITTINGS = EnumSet.of(FeatureKind.TAP, FeatureKind.VALVE, FeatureKind.HOOK);
    private static final int NAMED = 3;

    private final SnagContext context;

    HeightSnags(SnagContext context) {
        this.context = context;
    }

    List<Snag> find() {
        List<Gardener> seated = context.plan().gardeners().stream()
                .filter(g -> g.posture() == Posture.SEATED)
                .toList();
        List<Snag> snags = new ArrayList<>();
        if (!seated.isEmpty()) {
            beds(Ease.TOO_LOW, seated).ifPresent(snags::add);
            beds(Ease.TOO_HIGH, seated).ifPresent(snags::add);
            context.standing().stream()
                    .filter(bed -> bed.revision().build().legs().isPositive() && !HeightStudy.kneesFit(bed.revision()))
                    .forEach(bed -> snags.add(noKneeRoom(bed, seated.get(0))));
            context.setting().features().stream()
                    .filter(HeightSnags::hangsOutOfReach)
                    .forEach(fitting -> snags.add(outOfReach(fitting, seated.get(0))));
        }
        return snags;
    }

    /** One snag for all beds that are too low, or too high: they are put right alike. */
    private Optional<Snag> beds(Ease ease, List<Gardener> seated) {
        List<StandingBed> found = context.standing().stream()
                .filter(bed -> context.plan().tending(bed.id()).stream().anyMatch(seated::contains))
                .filter(bed -> HeightStudy.of(bed.revision(), seated.get(0)).ease() == ease)
                .toList();
        if (found.isEmpty()) {
            return Optional.empty();
        }
        boolean low = ease == Ease.TOO_LOW;
        String whom = Wording.names(seated.stream().map(Gardener::name).toList());
        String words =
                named(found) + (found.size() == 1 ? " is " : " are ") + (low ? "lower than the " : "higher than the ")
                        + length(low ? HeightStudy.LOWEST_SEATED : HeightStudy.OVER_SEATED)
                        + (low ? " down to which " : " over which ") + whom
                        + (seated.size() == 1 ? " reaches" : " reach") + " from a chair.";
        return Optional.of(Snag.of(
                ReachRule.HEIGHT_UNFIT,
                Weight.NOTE,
                words,
                Optional.of(found.get(0).outline().centre()),
                found.stream().map(StandingBed::id).toList(),
                seated.stream().map(Gardener::id).toList(),
                context.remedies(() -> low ? raised(found) : lowered(found))));
    }

    private static String named(List<StandingBed> beds) {
        List<String> names = new ArrayList<>(
                beds.stream().limit(NAMED).map(StandingBed::name).toList());
        if (beds.size() > NAMED) {
            names.add(beds.size() - NAMED + " more");
        }
        return Wording.names(names);
    }

    /** All of them; if they are several, also the first alone. */
    private List<Remedy> raised(List<StandingBed> beds) {
        // A bed that gets boards may lose reach by their thickness: such ones stay as they are.
        List<StandingBed> liftable = beds.stream()
                .filter(bed -> lifted(bed).filter(context::isSound).isPresent())
                .toList();
        List<Remedy> remedies = new ArrayList<>();
        if (liftable.size() > 1) {
            List<Change> all =
                    liftable.stream().map(bed -> lifted(bed).orElseThrow()).toList();
            remedies.add(new Remedy(
                    "Raise " + (liftable.size() == beds.size() ? "all " : "") + liftable.size() + " beds to "
                            + length(HeightStudy.LOWEST_SEATED) + " or more",
                    new Change.Batch("Raise beds", all)));
        }
        liftable.stream()
                .findFirst()
                .ifPresent(bed -> remedies.add(new Remedy(
                        "Raise " + bed.name() + (liftable.size() > 1 ? " alone" : "") + " to "
                                + length(HeightStudy.LOWEST_SEATED) + " or more",
                        lifted(bed).orElseThrow())));
        List<Remedy> ranked = new ArrayList<>(new Effects(context).ranked(remedies));
        if (ranked.isEmpty()) {
            ranked.add(context.edits().takeOut(beds.get(0)));
        }
        return ranked;
    }

    /** So many courses that the rim is high enough; a bed without a frame gets one. A kit stays as high as it is. */
    private Optional<Change> lifted(StandingBed bed) {
        if (bed.revision().build().kit().isPresent()) {
            return Optional.empty();
        }
        if (bed.revision().build().wall().isPresent()) {
            return walledHigher(bed, bed.revision().build().wall().get());
        }
        Frame frame = bed.frame().orElseGet(context.edits()::usualFrame);
        Length wanted = HeightStudy.LOWEST_SEATED.minus(bed.revision().build().legs());
        Optional<Frame> higherFrame = frame.atLeast(wanted);
        if (higherFrame.isEmpty()) {
            return Optional.empty();
        }
        Build old = bed.revision().build();
        try {
            BedRevision higher = new BedRevision(
                    bed.revision().from(),
                    bed.outline(),
                    bed.revision().shape(),
                    higherFrame,
                    bed.revision().existing(),
                    old.withoutMound());
            return Optional.of(new Change.RebuildBed(bed.id(), higher));
        } catch (RefusedException tooNarrowForBoards) {
            return Optional.empty();
        }
    }

    private static Optional<Change> walledHigher(StandingBed bed, Wall wall) {
        int courses = (int) Math.ceil((double) HeightStudy.LOWEST_SEATED.micrometres()
                / wall.kind().course().micrometres());
        return Optional.of(new Change.RebuildBed(
                bed.id(), bed.revision().withBuild(bed.revision().build().withWall(new Wall(wall.kind(), courses)))));
    }

    private List<Remedy> lowered(List<StandingBed> beds) {
        List<Remedy> remedies = new ArrayList<>();
        for (StandingBed bed : beds) {
            Frame frame = bed.frame().orElse(null);
            for (int courses = frame == null ? 0 : frame.courses() - 1; courses > 0; courses--) {
                BedRevision lower = bed.revision().withFrame(Optional.of(frame.withCourses(courses)));
                if (lower.height().compareTo(HeightStudy.OVER_SEATED) <= 0) {
                    remedies.add(new Remedy(
                            "Build " + bed.name() + " " + length(lower.height()) + " high",
                            new Change.RebuildBed(bed.id(), lower)));
                    break;
                }
            }
        }
        if (remedies.isEmpty()) {
            remedies.add(context.edits().takeOut(beds.get(0)));
        }
        return remedies;
    }

    private Snag noKneeRoom(StandingBed bed, Gardener seated) {
        String words = bed.name() + " has " + length(bed.revision().build().legs()) + " clear below it and "
                + length(Length.max(Length.ZERO, bed.outline().longerSide().minus(HeightStudy.LEG.times(2))))
                + " between its legs: " + seated.name() + "'s knees don't go under.";
        return Snag.of(
                ReachRule.NO_KNEE_ROOM,
                Weight.NOTE,
                words,
                Optional.of(bed.outline().centre()),
                List.of(bed.id()),
                List.of(seated.id()),
                context.remedies(() -> kneeRemedies(bed)));
    }

    private List<Remedy> kneeRemedies(StandingBed bed) {
        BedRevision now = bed.revision();
        Build build = now.build();
        List<Remedy> remedies = new ArrayList<>();
        BedRevision higher = now.withBuild(build.withLegs(HeightStudy.KNEES_HIGH));
        if (HeightStudy.kneesFit(higher)) {
            remedies.add(new Remedy(
                    "Make the legs of " + bed.name() + " " + length(HeightStudy.KNEES_HIGH) + " long",
                    new Change.RebuildBed(bed.id(), higher)));
        }
        BedRevision grounded = now.withBuild(build.withLegs(Length.ZERO));
        remedies.add(new Remedy(
                "Set " + bed.name() + " on the ground, to be worked side-on",
                new Change.RebuildBed(bed.id(), grounded)));
        return remedies;
    }

    /** Only where its height is known. */
    private static boolean hangsOutOfReach(Feature fitting) {
        return FITTINGS.contains(fitting.kind())
                && fitting.height().isPositive()
                && (fitting.height().compareTo(HeightStudy.LOWEST_SEATED) < 0
                        || fitting.height().compareTo(HeightStudy.HIGHEST_SEATED) > 0);
    }

    private Snag outOfReach(Feature fitting, Gardener seated) {
        boolean low = fitting.height().compareTo(HeightStudy.LOWEST_SEATED) < 0;
        Length bound = low ? HeightStudy.LOWEST_SEATED : HeightStudy.HIGHEST_SEATED;
        Feature moved = fitting.withHeight(bound);
        String words = fitting.name() + " is " + length(fitting.height()) + " above the ground, too "
                + (low ? "low" : "high") + " for " + seated.name() + ", seated.";
        return Snag.of(
                        ReachRule.FITTING_UNFIT,
                        Weight.NOTE,
                        words,
                        Optional.of(fitting.places().get(0)),
                        List.of(),
                        List.of(seated.id()),
                        context.remedies(() ->
                                List.of(new Remedy("Set " + fitting.name() + " at " + length(bound), Put.of(moved)))))
                .by(fitting.height().minus(bound).abs().metres());
    }

    private String length(Length length) {
        return context.wording().length(length);
    }
}
