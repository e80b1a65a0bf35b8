package fairacre.arrange;

import fairacre.build.Frame;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Keyhole;
import fairacre.outline.Rectangle;
import fairacre.plan.Bed;
import fairacre.plan.BedRevision;
import fairacre.plan.Change;
import fairacre.plan.Gardener;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;

/**
 * What is done to a bed that stands, from a season on; how it was before is kept. {@link #change} answers the one
 * change that does it.
 *
 * <p>A bed that is only planned for that season is changed as it stands in the plan: there is nothing to keep.
 */
public record Alteration(Kind kind, UUID bed) {

    /** What can be done. */
    public enum Kind {
        /** A course more. */
        RAISE,
        /** A course less. */
        LOWER,
        /** As wide as everybody reaches over from both sides, about its middle. */
        SLIM,
        /** Two beds side by side with a walk between, as wide as everybody needs. */
        SPLIT,
        /** A notch to step into, halfway along the first of the longer sides and to the bed's middle. */
        KEYHOLE
    }

    /** A foot and a knee are comfortable in 18 in (common practice). */
    private static final Length COMFORTABLE = Length.inches(18);
    /** A walk between halves where nobody gardens yet: for feet, 24 in (common practice). */
    private static final Length WORK_WALK = Length.inches(24);

    public Alteration {
        if (kind == null || bed == null) {
            throw new RefusedException(kind == null ? "kind" : "bed", "it is missing", "give a value");
        }
    }

    /**
     * @param ids for a bed that is added
     * @throws RefusedException if the bed doesn't stand in that season or can't be altered so
     */
    public Change change(Plan plan, int season, Supplier<UUID> ids) {
        StandingBed standing = plan.standing(season).stream()
                .filter(b -> b.id().equals(bed))
                .findFirst()
                .orElseThrow(() ->
                        new RefusedException("bed", "there is no such bed in " + season, "look at the newest plan"));
        return switch (kind) {
            case RAISE -> altered(standing, season, raised(standing.revision(), 1));
            case LOWER -> altered(standing, season, raised(standing.revision(), -1));
            case SLIM -> altered(standing, season, slimmed(plan, standing.revision()));
            case SPLIT -> split(plan, standing, season, ids.get());
            case KEYHOLE -> altered(standing, season, notched(standing.revision()));
        };
    }

    private static Change altered(StandingBed bed, int season, BedRevision to) {
        BedRevision now = bed.revision();
        if (now.from() == season && !now.existing()) {
            return new Change.RebuildBed(bed.id(), to);
        }
        Change revise = new Change.ReviseBed(bed.id(), to.startingIn(season).withExisting(false));
        return now.from() < season
                ? revise
                : new Change.Batch(
                        "Alter " + shortened(bed.name()),
                        List.of(new Change.RescheduleRevision(bed.id(), season, season - 1), revise));
    }

    private static BedRevision raised(BedRevision bed, int by) {
        Frame frame = bed.frame()
                .orElseThrow(() -> new RefusedException("bed", "it has no courses of boards", "give it a frame first"));
        if (frame.courses() + by < 1) {
            throw new RefusedException("bed", "it has one course only", "take the frame away, or leave it");
        }
        return bed.withFrame(Optional.of(frame.withCourses(frame.courses() + by)));
    }

    private static BedRevision slimmed(Plan plan, BedRevision bed) {
        Length reach = plan.gardeners().stream()
                .map(Gardener::reach)
                .min(Length::compareTo)
                .orElseThrow(
                        () -> new RefusedException("gardeners", "nobody gardens here yet", "name a gardener first"));
        Length width = reach.minus(bed.keptOff()).times(2);
        if (width.compareTo(bed.outline().shorterSide()) >= 0) {
            throw new RefusedException("bed", "everybody reaches over it already", "leave it as wide as it is");
        }
        return malleable(bed).withOutline(bed.outline().slimmed(width, 0));
    }

    private static Change split(Plan plan, StandingBed bed, int season, UUID id) {
        BedRevision whole = malleable(bed.revision());
        Length walk = plan.gardeners().stream()
                .map(Gardener::passing)
                .reduce(Length::max)
                .orElse(WORK_WALK);
        Length half = whole.outline().shorterSide().minus(walk).half();
        if (half.compareTo(Limits.SHORTEST_SIDE) < 0) {
            throw new RefusedException(
                    "bed", "a walk through its middle leaves too little of it", "make it slimmer instead");
        }
        double shift = whole.outline().shorterSide().minus(half).metres() / 2;
        Bed other = Bed.of(
                id,
                shortened(bed.name()) + " B",
                whole.withOutline(whole.outline().slimmed(half, shift))
                        .startingIn(season)
                        .withExisting(false));
        Change first = altered(bed, season, whole.withOutline(whole.outline().slimmed(half, -shift)));
        List<Change> changes = new ArrayList<>(first instanceof Change.Batch batch ? batch.changes() : List.of(first));
        changes.add(new Change.PlaceBed(other));
        return new Change.Batch("Split " + shortened(bed.name()), changes);
    }

    private static BedRevision notched(BedRevision bed) {
        Rectangle outline = malleable(bed).outline();
        boolean lengthwise = outline.length().compareTo(outline.width()) >= 0;
        return bed.withShape(
                outline,
                bed.shape()
                        .with(new Keyhole(
                                lengthwise ? 0 : 1,
                                outline.longerSide().half(),
                                COMFORTABLE,
                                outline.shorterSide().half())));
    }

    private static BedRevision malleable(BedRevision bed) {
        if (!bed.malleable()) {
            throw new RefusedException(
                    "bed",
                    "it is no plain rectangle that boards or soil could follow",
                    "change its shape by its numbers");
        }
        return bed;
    }

    private static String shortened(String name) {
        int most = Limits.LONGEST_NAME - 10;
        return name.codePointCount(0, name.length()) > most
                ? name.substring(0, name.offsetByCodePoints(0, most))
                : name;
    }
}
