package fairacre.bed;

import fairacre.build.Frame;
import fairacre.build.GroundFall;
import fairacre.ground.BedLevel;
import fairacre.ground.BedLevel.Meaning;
import fairacre.ground.LevelStudy;
import fairacre.ground.Levels;
import fairacre.judging.Edits;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.limits.Limits;
import fairacre.measure.Length;
import fairacre.outline.Rectangle;
import fairacre.plan.Change;
import fairacre.plan.StandingBed;
import fairacre.walk.Surroundings;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Beds on ground that is not level, where spot heights say so. */
final class LevelSnags {

    private final SnagContext context;

    LevelSnags(SnagContext context) {
        this.context = context;
    }

    List<Snag> find() {
        List<Snag> snags = new ArrayList<>();
        Levels.of(context).map(LevelStudy::of).ifPresent(study -> {
            for (StandingBed bed : context.standing()) {
                BedLevel level = study.level(bed);
                if (level.meaning() != Meaning.LEVEL && !madeUp(bed, level.drop())) {
                    snags.add(slope(study, bed, level));
                }
            }
        });
        return snags;
    }

    /** Whether part-courses make the fall up as far as a rake can't. */
    private static boolean madeUp(StandingBed bed, GroundFall fall) {
        return bed.revision()
                .madeUp()
                .filter(drop -> fall.along().minus(drop.along()).abs().compareTo(GroundFall.RAKED) <= 0
                        && fall.across().minus(drop.across()).abs().compareTo(GroundFall.RAKED) <= 0)
                .isPresent();
    }

    private Snag slope(LevelStudy study, StandingBed bed, BedLevel level) {
        String fall = "The ground under " + bed.name() + " falls " + length(level.along()) + " along and "
                + length(level.across()) + " across: ";
        String words = fall
                + switch (level.meaning()) {
                    case LEVEL -> "level enough.";
                    case DIG_IN -> "dig the upper side in.";
                    case PART_COURSE -> "make the lower side up with part of a course.";
                    case STEP -> "more than a course; step the bed or terrace first.";
                };
        Weight weight = level.meaning() == Meaning.STEP ? Weight.WARNING : Weight.NOTE;
        return Snag.of(
                        BedRule.BED_ON_SLOPE,
                        weight,
                        words,
                        Optional.of(bed.outline().centre()),
                        List.of(bed.id()),
                        List.of(),
                        context.remedies(() -> remedies(study, bed, level)))
                .by(level.along().abs().plus(level.across().abs()).metres());
    }

    /** A turn along the contour if it helps, a course more if there is a frame, or another place for the bed. */
    private List<Remedy> remedies(LevelStudy study, StandingBed bed, BedLevel level) {
        List<Remedy> remedies = new ArrayList<>();
        Rectangle turned =
                bed.outline().movedTo(bed.outline().centre(), bed.outline().turn() + 90);
        Surroundings round = Surroundings.of(context, bed);
        if (round.suits(turned) && study.level(round.reshaped(turned)).meaning().compareTo(level.meaning()) < 0) {
            remedies.add(new Remedy("Turn " + bed.name() + " along the slope's contour", Edits.move(bed, turned)));
        }
        if (bed.frame().isPresent() && !bed.revision().build().legs().isPositive()) {
            remedies.add(madeUpTo(bed, level.drop()));
        }
        bed.frame()
                .filter(frame -> frame.courses() < Limits.MOST_COURSES)
                .ifPresent(frame -> remedies.add(raised(bed, frame)));
        if (remedies.isEmpty()) {
            remedies.add(context.edits().takeOut(bed));
        }
        return remedies;
    }

    private static Remedy madeUpTo(StandingBed bed, GroundFall fall) {
        return new Remedy(
                "Stand " + bed.name() + " level and close the gap below with part-courses",
                new Change.RebuildBed(
                        bed.id(),
                        bed.revision().withBuild(bed.revision().build().withFall(fall))));
    }

    private static Remedy raised(StandingBed bed, Frame frame) {
        return new Remedy(
                "Build " + bed.name() + " a course higher and dig its upper side in",
                new Change.ReframeBed(
                        bed.id(), bed.revision().from(), Optional.of(frame.withCourses(frame.courses() + 1))));
    }

    private String length(Length length) {
        return context.wording().length(length);
    }
}
