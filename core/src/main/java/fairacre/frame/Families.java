package fairacre.frame;

import fairacre.build.Frame;
import fairacre.measure.Length;
import fairacre.outline.Rectangle;
import fairacre.plan.StandingBed;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * Rectangular beds of equal outside size: a cover, a net or a cold frame made for one fits all of a family, and only
 * those.
 *
 * @param families largest first; a family has at least one bed
 * @param nearMisses pairs of families that differ by no more than two boards' thickness in either direction
 */
public record Families(List<Family> families, List<NearMiss> nearMisses) {

    public Families {
        families = List.copyOf(families);
        nearMisses = List.copyOf(nearMisses);
    }

    /** @param length the longer outside size */
    public record Family(Length length, Length width, List<UUID> beds) {

        public Family {
            beds = List.copyOf(beds);
        }
    }

    /**
     * Two beds of different families whose covers nearly fit each other.
     *
     * @param difference the larger of the differences in length and in width
     */
    public record NearMiss(UUID first, UUID second, Length difference, Cause cause) {}

    /** Why two sizes nearly agree. */
    public enum Cause {
        /** The boards run past each other the other way round: outside sizes differ by two thicknesses. */
        JOINT,
        /** The inside sizes agree and the boards are of different thickness. */
        BOARD,
        /** The sizes were chosen so. */
        SIZE
    }

    private record Size(Length length, Length width) {
        static Size of(Rectangle outline) {
            return new Size(outline.longerSide(), outline.shorterSide());
        }
    }

    public static Families of(List<StandingBed> beds) {
        Map<Size, List<StandingBed>> bySize = new LinkedHashMap<>();
        beds.stream()
                .filter(bed -> bed.revision().shape().plain())
                .forEach(bed -> bySize.computeIfAbsent(Size.of(bed.outline()), s -> new ArrayList<>())
                        .add(bed));
        List<List<StandingBed>> groups = new ArrayList<>(bySize.values());
        groups.sort(Comparator.comparing((List<StandingBed> group) -> group.size())
                .reversed()
                .thenComparing(group -> group.get(0).outline().longerSide(), Comparator.reverseOrder()));
        List<NearMiss> misses = new ArrayList<>();
        for (int i = 0; i < groups.size(); i++) {
            for (int j = i + 1; j < groups.size(); j++) {
                addMiss(groups.get(i).get(0), groups.get(j).get(0), misses);
            }
        }
        return new Families(
                groups.stream()
                        .map(group -> new Family(
                                group.get(0).outline().longerSide(),
                                group.get(0).outline().shorterSide(),
                                group.stream().map(StandingBed::id).toList()))
                        .toList(),
                misses);
    }

    private static void addMiss(StandingBed first, StandingBed second, List<NearMiss> misses) {
        Length along = apart(first.outline().longerSide(), second.outline().longerSide());
        Length across = apart(first.outline().shorterSide(), second.outline().shorterSide());
        Length difference = Length.max(along, across);
        Length boards = Length.max(thickness(first), thickness(second)).times(2);
        if (difference.compareTo(boards) <= 0) {
            misses.add(new NearMiss(first.id(), second.id(), difference, cause(first, second, boards, along, across)));
        }
    }

    private static Cause cause(StandingBed first, StandingBed second, Length boards, Length along, Length across) {
        Frame one = first.frame().orElse(null);
        Frame other = second.frame().orElse(null);
        if (one == null || other == null) {
            return Cause.SIZE;
        }
        boolean otherWayRound = one.joint() != other.joint()
                && one.board().thickness().equals(other.board().thickness());
        if (otherWayRound
                && (along.equals(boards) || along.equals(Length.ZERO))
                && (across.equals(boards) || across.equals(Length.ZERO))) {
            return Cause.JOINT;
        }
        Length thicker =
                apart(one.board().thickness(), other.board().thickness()).times(2);
        return !thicker.equals(Length.ZERO) && along.equals(thicker) && across.equals(thicker)
                ? Cause.BOARD
                : Cause.SIZE;
    }

    private static Length thickness(StandingBed bed) {
        return Length.max(bed.revision().thickness(), Length.inches(0.75));
    }

    private static Length apart(Length one, Length other) {
        return Length.max(one, other).minus(Length.min(one, other));
    }
}
