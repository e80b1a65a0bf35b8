package fairacre.reach;

import fairacre.build.Build;
import fairacre.judging.Edits;
import fairacre.judging.Effects;
import fairacre.judging.Lazy;
import fairacre.judging.Remedy;
import fairacre.judging.SnagContext;
import fairacre.limits.Limits;
import fairacre.measure.Length;
import fairacre.outline.Rectangle;
import fairacre.plan.Bed;
import fairacre.plan.BedRevision;
import fairacre.plan.Change;
import fairacre.plan.FeatureKind;
import fairacre.plan.Gardener;
import fairacre.plan.StandingBed;
import fairacre.walk.Gap;
import fairacre.walk.Surroundings;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Stream;

/**
 * Ways to bring a bed within reach: narrow it, split it with a walk between, move it off what stands in the way, take a
 * trellis or a cap out of the way, cut a keyhole; those that keep the most soil first.
 */
final class ReachRemedies {

    private static final Length SLIMMEST_HALF = Length.inches(12);

    private final SnagContext context;
    private final StandingBed bed;
    private final Gardener gardener;
    private final Predicate<BedReach> demand;
    private final List<KeyholeSearch.Missing> missing;
    private final Surroundings round;
    private final ReachTrial trial;
    private final Supplier<Optional<Remedy>> narrower = new Lazy<>(this::findNarrower);

    ReachRemedies(
            SnagContext context,
            StandingBed bed,
            Gardener gardener,
            Predicate<BedReach> demand,
            List<KeyholeSearch.Missing> missing) {
        this.context = context;
        this.bed = bed;
        this.gardener = gardener;
        this.demand = demand;
        this.missing = missing;
        this.round = Surroundings.of(context, bed);
        this.trial = new ReachTrial(context, bed);
    }

    List<Remedy> all() {
        List<Remedy> remedies = new ArrayList<>();
        narrower().ifPresent(remedies::add);
        remedies.addAll(new ShapeRemedies(context, bed, trial, demand).all());
        moved().ifPresent(remedies::add);
        freed().ifPresent(remedies::add);
        uncapped().ifPresent(remedies::add);
        split().ifPresent(remedies::add);
        new KeyholeSearch(context, bed, gardener, demand, missing).least().ifPresent(remedies::add);
        remedies = new ArrayList<>(new Effects(context).ranked(remedies));
        if (remedies.isEmpty()) {
            remedies.add(context.edits().takeOut(bed));
        }
        return remedies;
    }

    /** The widest that the bed can be. */
    Optional<Remedy> narrower() {
        return narrower.get();
    }

    /**
     * Searched for with either long side staying where it is and with both giving way alike. Narrower is within reach
     * where wider is, so the width is found by halving between whole steps.
     */
    private Optional<Remedy> findNarrower() {
        if (!bed.revision().malleable()) {
            return Optional.empty();
        }
        // Both sides, or one of them.
        Map<Integer, Length> reached = new TreeMap<>();
        Stream.of(0, 1, -1).forEach(side -> widestReached(side).ifPresent(width -> reached.put(side, width)));
        return reached.entrySet().stream()
                .flatMap(side -> widestSound(side.getValue(), side.getKey()).stream())
                .max(Comparator.comparing(Rectangle::shorterSide))
                .map(outline -> new Remedy(
                        "Narrow " + bed.name() + " to " + context.wording().length(outline.shorterSide())
                                + ", the widest that "
                                + (outline.shorterSide().equals(Collections.max(reached.values()))
                                        ? "can be reached"
                                        : "brings no other snag"),
                        Edits.reshape(bed, outline)));
    }

    /** @param side 0 for both, 1 or -1 for the long side that stays */
    private Optional<Length> widestReached(int side) {
        Length high = context.wording().stepDown(bed.outline().shorterSide());
        return Optional.of(high)
                .filter(width -> width.compareTo(Limits.SHORTEST_SIDE) >= 0
                        && isWithinReach(narrowed(Limits.SHORTEST_SIDE, side)))
                .map(width -> widest(Limits.SHORTEST_SIDE, width, w -> isWithinReach(narrowed(w, side))));
    }

    /**
     * Where the widest within reach brings another snag, as a slot beside the bed that nobody gets into, the slot is
     * made wide enough to pass, and then the widest between them is looked for.
     */
    private Optional<Rectangle> widestSound(Length reached, int side) {
        if (isSound(reached, side)) {
            return Optional.of(narrowed(reached, side));
        }
        Length now = bed.outline().shorterSide();
        Length passable =
                context.plan().gardeners().stream().map(Gardener::passing).reduce(Length.ZERO, Length::max);
        Length slot = context.wording().tidyDown(side == 0 ? now.minus(passable.times(2)) : now.minus(passable));
        return Optional.of(slot)
                .filter(width -> width.compareTo(Limits.SHORTEST_SIDE) >= 0 && width.compareTo(reached) < 0)
                .filter(width -> isSound(width, side))
                .map(width -> narrowed(widest(width, reached, w -> isSound(w, side)), side));
    }

    /**
     * The widest, in whole steps, for which something holds.
     *
     * @param low it holds there
     */
    private Length widest(Length low, Length high, Predicate<Length> holds) {
        if (holds.test(high)) {
            return context.wording().tidyDown(high);
        }
        Length yes = low;
        Length no = high;
        while (context.wording().stepDown(no).compareTo(yes) > 0) {
            Length middle = context.wording().tidyDown(yes.plus(no).half());
            if (middle.compareTo(yes) <= 0) {
                break;
            }
            if (holds.test(middle)) {
                yes = middle;
            } else {
                no = middle;
            }
        }
        return context.wording().tidyDown(yes);
    }

    private boolean isSound(Length width, int side) {
        Rectangle outline = narrowed(width, side);
        return isWithinReach(outline) && context.isSound(Edits.reshape(bed, outline));
    }

    private Rectangle narrowed(Length width, int side) {
        return bed.outline()
                .slimmed(width, side * bed.outline().shorterSide().minus(width).metres() / 2);
    }

    private boolean isWithinReach(Rectangle outline) {
        return round.hasRoomFor(outline) && trial.reach(List.of(round.reshaped(outline)), demand);
    }

    /** Of this bed, or of a neighbour, off a side that the gardener can't get to. */
    private Optional<Remedy> moved() {
        for (Gap gap : round.gaps()) {
            boolean mine = gap.bed().equals(bed.id());
            boolean facesMe = gap.to().filter(bed.id()::equals).isPresent();
            if ((mine || facesMe) && gap.distance().compareTo(gardener.passing()) < 0) {
                Optional<Remedy> remedy = away(gap, mine)
                        .or(() -> mine
                                ? gap.to().flatMap(other -> neighbourAway(gap, other, false))
                                : neighbourAway(gap, gap.bed(), true));
                if (remedy.isPresent()) {
                    return remedy;
                }
            }
        }
        return Optional.empty();
    }

    private Optional<Remedy> away(Gap gap, boolean startsHere) {
        Rectangle outline = withdrawn(bed, gap, startsHere);
        if (round.suits(outline) && trial.reach(List.of(round.reshaped(outline)), demand)) {
            return Optional.of(move(bed, outline));
        }
        return Optional.empty();
    }

    private Optional<Remedy> neighbourAway(Gap gap, UUID neighbour, boolean startsThere) {
        StandingBed other = context.bed(neighbour);
        if (other == null) {
            return Optional.empty();
        }
        Rectangle outline = withdrawn(other, gap, startsThere);
        Surroundings roundOther = Surroundings.of(context, other);
        if (roundOther.suits(outline) && trial.reachOnce(roundOther.reshaped(outline), demand)) {
            return Optional.of(move(other, outline));
        }
        return Optional.empty();
    }

    /** A bed moved out of a gap until the gardener passes; the gap starts or ends at the bed. */
    private Rectangle withdrawn(StandingBed moving, Gap gap, boolean startsThere) {
        double dx = gap.start().x().minus(gap.end().x()).metres();
        double dy = gap.start().y().minus(gap.end().y()).metres();
        Length distance = context.wording().tidyUp(gardener.passing().minus(gap.distance()));
        double factor = (startsThere ? 1 : -1) * distance.metres() / Math.hypot(dx, dy);
        return moving.outline().shifted(dx * factor, dy * factor);
    }

    private Remedy move(StandingBed moving, Rectangle outline) {
        double dx = outline.centre().x().minus(moving.outline().centre().x()).metres();
        double dy = outline.centre().y().minus(moving.outline().centre().y()).metres();
        return new Remedy(
                "Move " + moving.name() + " " + context.wording().length(Length.metres(Math.hypot(dx, dy))) + " "
                        + context.wording().direction(dx, dy) + ", so that " + gardener.name() + " gets alongside",
                Edits.move(moving, outline));
    }

    /** Without the trellis that stands on one of its edges. */
    private Optional<Remedy> freed() {
        return context.setting().features().stream()
                .filter(feature -> feature.kind() == FeatureKind.TRELLIS)
                .filter(trellis -> trial.reachWithout(trellis, demand))
                .map(trellis -> new Remedy(
                        "Take " + trellis.name() + " down, so that its side of " + bed.name() + " is free",
                        context.plan().without(trellis.id())))
                .findFirst();
    }

    /** Without the cap that keeps the body off. */
    private Optional<Remedy> uncapped() {
        if (!bed.revision().keptOff().isPositive()) {
            return Optional.empty();
        }
        Build build = bed.revision().build();
        BedRevision bare = bed.revision().withBuild(build.withoutCap());
        return trial.reach(List.of(new StandingBed(bed.id(), bed.name(), bare)), demand)
                ? Optional.of(new Remedy("Leave the cap off " + bed.name(), new Change.RebuildBed(bed.id(), bare)))
                : Optional.empty();
    }

    private Optional<Remedy> split() {
        Length walk = context.wording().tidyUp(gardener.passing());
        Length half = context.wording()
                .tidyDown(bed.outline().shorterSide().minus(walk).half());
        if (half.compareTo(SLIMMEST_HALF) < 0 || !bed.revision().malleable()) {
            return Optional.empty();
        }
        double shift = bed.outline().shorterSide().minus(half).metres() / 2;
        Rectangle first = bed.outline().slimmed(half, -shift);
        Rectangle second = bed.outline().slimmed(half, shift);
        BedRevision added = bed.revision().withOutline(second);
        Bed other = Bed.of(newId(), secondName(), added);
        List<StandingBed> halves = List.of(round.reshaped(first), new StandingBed(other.id(), other.name(), added));
        if (!round.hasRoomFor(first) || !round.hasRoomFor(second) || !trial.reach(halves, demand)) {
            return Optional.empty();
        }
        Change change =
                new Change.Batch("Split " + bed.name(), List.of(Edits.reshape(bed, first), new Change.PlaceBed(other)));
        return Optional.of(new Remedy(
                "Split " + bed.name() + " in two with a walk of "
                        + context.wording().length(walk) + " between",
                change));
    }

    /** An id that follows from the bed's own, so that the same plan always gets the same offer. */
    private UUID newId() {
        for (int attempt = 1; ; attempt++) {
            UUID id = UUID.nameUUIDFromBytes((bed.id() + "/half/" + attempt).getBytes(StandardCharsets.UTF_8));
            if (context.plan().beds().stream().noneMatch(b -> b.id().equals(id))) {
                return id;
            }
        }
    }

    private String secondName() {
        String name = bed.name();
        int most = Limits.LONGEST_NAME - 2;
        return (name.codePointCount(0, name.length()) > most
                        ? name.substring(0, name.offsetByCodePoints(0, most))
                        : name)
                + " B";
    }
}
