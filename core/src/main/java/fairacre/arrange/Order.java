package fairacre.arrange;

import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.outline.Shape;
import fairacre.plan.Bed;
import fairacre.plan.BedRevision;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;

/**
 * What is to be done with beds as they stand in a season. {@link #change} answers the one change that does it.
 *
 * @param kind what is to be done
 * @param beds the beds concerned
 * @param axis along which they are spread, repeated or fitted; of a line-up the axis on which they come to agree; a
 *     mirror stands across it
 * @param edge of a line-up: which edges agree
 * @param count of a repetition: how often the beds stand along the axis in the end, the first included, 1 to 100
 * @param gap between beds that are repeated or fitted, 0 to 20 m
 * @param at where the mirror stands, or what the beds are centred on; left out, the middle of the ground
 * @param lines of a repetition: how often they stand across the axis, the first included, 1 to 100; left out, once
 * @param lineGap between those, 0 to 20 m; left out, the same gap
 */
public record Order(
        Kind kind,
        List<UUID> beds,
        Axis axis,
        Optional<Edge> edge,
        Optional<Integer> count,
        Optional<Length> gap,
        Optional<Length> at,
        Optional<Integer> lines,
        Optional<Length> lineGap) {

    /** What can be done. */
    public enum Kind {
        LINE_UP,
        SPREAD,
        MIRROR,
        REPEAT,
        FIT,
        CENTRE
    }

    /** Which edges of beds come to one line. */
    public enum Edge {
        LOW,
        MIDDLE,
        HIGH
    }

    private static final int MOST = 100;
    private static final Length WIDEST_GAP = Length.metres(20);

    public Order {
        beds = beds == null ? List.of() : List.copyOf(beds);
        edge = edge == null ? Optional.empty() : edge;
        count = count == null ? Optional.empty() : count;
        gap = gap == null ? Optional.empty() : gap;
        at = at == null ? Optional.empty() : at;
        lines = lines == null ? Optional.empty() : lines;
        lineGap = lineGap == null ? Optional.empty() : lineGap;
        if (kind == null || axis == null) {
            throw new RefusedException(kind == null ? "kind" : "axis", "it is missing", "give a value");
        }
    }

    /** In one line. */
    public Order(
            Kind kind,
            List<UUID> beds,
            Axis axis,
            Optional<Edge> edge,
            Optional<Integer> count,
            Optional<Length> gap,
            Optional<Length> at) {
        this(kind, beds, axis, edge, count, gap, at, Optional.empty(), Optional.empty());
    }

    /**
     * @param ids for beds that are added
     * @throws RefusedException if there are too few beds, a figure is missing or out of range, or nothing would change
     */
    public Change change(Plan plan, int season, Supplier<UUID> ids) {
        List<StandingBed> chosen = chosen(plan, season);
        Maker maker = new Maker(plan, season, ids, axis);
        List<Change> changes = switch (kind) {
            case LINE_UP -> lineUp(chosen, maker);
            case SPREAD -> spread(chosen, maker);
            case MIRROR -> mirror(chosen, maker);
            case REPEAT -> repeat(chosen, maker);
            case FIT -> fit(chosen.get(0), maker);
            case CENTRE -> centre(chosen, maker);
        };
        if (changes.isEmpty()) {
            throw new RefusedException("beds", "they are so already", "choose other beds or another order");
        }
        return new Change.Batch(label(), changes);
    }

    private List<StandingBed> chosen(Plan plan, int season) {
        List<StandingBed> chosen = plan.standing(season).stream()
                .filter(bed -> beds.contains(bed.id()))
                .toList();
        int least = kind == Kind.LINE_UP ? 2 : kind == Kind.SPREAD ? 3 : 1;
        if (chosen.size() < least) {
            throw new RefusedException(
                    "beds", "that takes at least " + least + (least == 1 ? " bed" : " beds"), "choose more");
        }
        return chosen;
    }

    private String label() {
        return switch (kind) {
            case LINE_UP -> "Align beds";
            case SPREAD -> "Spread beds evenly";
            case MIRROR -> "Mirror a copy of beds";
            case REPEAT -> "Repeat beds";
            case FIT -> "Fit beds in";
            case CENTRE -> "Centre beds";
        };
    }

    private List<Change> lineUp(List<StandingBed> chosen, Maker maker) {
        Edge agreed = needed(edge, "edge", "which edges");
        List<Span> spans = chosen.stream().map(bed -> Span.of(bed, axis)).toList();
        double line = switch (agreed) {
            case LOW -> spans.stream().mapToDouble(Span::from).min().orElseThrow();
            case HIGH -> spans.stream().mapToDouble(Span::to).max().orElseThrow();
            case MIDDLE -> spans.stream().mapToDouble(Span::middle).average().orElseThrow();
        };
        List<Change> changes = new ArrayList<>();
        for (int i = 0; i < chosen.size(); i++) {
            Span span = spans.get(i);
            double now = agreed == Edge.LOW ? span.from() : agreed == Edge.HIGH ? span.to() : span.middle();
            maker.move(chosen.get(i), line - now, changes);
        }
        return changes;
    }

    /** The outermost two stay; the gaps between all become equal. */
    private List<Change> spread(List<StandingBed> chosen, Maker maker) {
        List<StandingBed> inOrder = chosen.stream()
                .sorted(Comparator.comparingDouble(bed -> Span.of(bed, axis).middle()))
                .toList();
        double taken =
                inOrder.stream().mapToDouble(bed -> Span.of(bed, axis).length()).sum();
        double from = Span.of(inOrder.get(0), axis).from();
        double to = Span.of(inOrder.get(inOrder.size() - 1), axis).to();
        double even = (to - from - taken) / (inOrder.size() - 1);
        List<Change> changes = new ArrayList<>();
        double next = from;
        for (StandingBed bed : inOrder) {
            Span span = Span.of(bed, axis);
            maker.move(bed, next - span.from(), changes);
            next += span.length() + even;
        }
        return changes;
    }

    private List<Change> mirror(List<StandingBed> chosen, Maker maker) {
        double mirror = at.map(Length::metres).orElse(maker.ground().middle());
        return chosen.stream().map(bed -> maker.mirrored(bed, mirror)).toList();
    }

    /** The beds as one group in rows and columns; copies are numbered as one reads them, from the top row down. */
    private List<Change> repeat(List<StandingBed> group, Maker maker) {
        int along = inRange(needed(count, "count", "how many"), "count");
        int across = inRange(lines.orElse(1), "lines");
        int all = along * across * group.size();
        if (along * across < 2 || all > MOST) {
            throw new RefusedException(
                    "count",
                    along * across < 2 ? "that is no repetition" : all + " beds at once are too many",
                    "give at least 2, and at most " + MOST + " beds in all");
        }
        double pitch = lengthOf(group, axis) + gapMetres();
        double lineGapMetres = inRange(lineGap.or(() -> gap).orElseThrow(), "lineGap");
        double linePitch = lengthOf(group, axis.other()) + lineGapMetres;
        List<Copy> copies = new ArrayList<>();
        for (int line = 0; line < across; line++) {
            for (int place = 0; place < along; place++) {
                if (line + place > 0) {
                    for (StandingBed bed : group) {
                        Rectangle moved = axis.shifted(bed.outline(), place * pitch);
                        int row = axis == Axis.ACROSS ? line : place;
                        copies.add(new Copy(bed, row, axis.other().shifted(moved, line * linePitch)));
                    }
                }
            }
        }
        copies.sort(Comparator.comparing(Copy::row)
                .reversed()
                .thenComparing(copy -> copy.outline().centre().x()));
        return copies.stream()
                .map(copy -> maker.place(
                        copy.of(), copy.outline(), copy.of().revision().shape()))
                .toList();
    }

    /** @param row from the bottom */
    private record Copy(StandingBed of, int row, Rectangle outline) {}

    private static double lengthOf(List<StandingBed> group, Axis axis) {
        return Span.of(group.stream().flatMap(bed -> bed.corners().stream()).toList(), axis)
                .length();
    }

    private static int inRange(int number, String field) {
        if (number < 1 || number > MOST) {
            throw new RefusedException(field, number + " is out of range", "give between 1 and " + MOST);
        }
        return number;
    }

    /** As many as go into the ground with a gap at either end too, centred. */
    private List<Change> fit(StandingBed bed, Maker maker) {
        Span ground = maker.ground();
        double length = Span.of(bed, axis).length();
        double between = gapMetres();
        int beds = (int) Math.floor((ground.length() - between) / (length + between) + 1e-9);
        if (beds < 1) {
            throw new RefusedException("gap", "not even one bed goes in with that gap", "give a smaller gap");
        }
        double taken = beds * length + (beds - 1) * between;
        double start = ground.middle() - taken / 2;
        List<Change> changes = new ArrayList<>();
        double first = start - Span.of(bed, axis).from();
        maker.move(bed, first, changes);
        List<Double> steps = new ArrayList<>();
        for (int i = 1; i < Math.min(beds, MOST); i++) {
            steps.add(first + i * (length + between));
        }
        changes.addAll(maker.copies(bed, steps));
        return changes;
    }

    /** All together, so that they keep their places to each other. */
    private List<Change> centre(List<StandingBed> chosen, Maker maker) {
        List<Point> corners =
                chosen.stream().flatMap(bed -> bed.corners().stream()).toList();
        double by = at.map(Length::metres).orElse(maker.ground().middle())
                - Span.of(corners, axis).middle();
        List<Change> changes = new ArrayList<>();
        chosen.forEach(bed -> maker.move(bed, by, changes));
        return changes;
    }

    private double gapMetres() {
        return inRange(needed(gap, "gap", "how wide the gap is"), "gap");
    }

    private static double inRange(Length between, String field) {
        if (between.compareTo(Length.ZERO) < 0 || between.compareTo(WIDEST_GAP) > 0) {
            throw new RefusedException(field, "it is out of range", "give between 0 and 20 m");
        }
        return between.metres();
    }

    private static <T> T needed(Optional<T> value, String field, String what) {
        return value.orElseThrow(() -> new RefusedException(field, "it is missing", "say " + what));
    }

    /** Makes the single changes. */
    private static final class Maker {
        private final Plan plan;
        private final int season;
        private final Supplier<UUID> ids;
        private final Axis axis;
        private final Set<String> names = new HashSet<>();

        Maker(Plan plan, int season, Supplier<UUID> ids, Axis axis) {
            this.plan = plan;
            this.season = season;
            this.ids = ids;
            this.axis = axis;
            plan.beds().forEach(bed -> names.add(bed.name()));
        }

        Span ground() {
            return Span.of(plan.site().corners(), axis);
        }

        void move(StandingBed bed, double by, List<Change> changes) {
            Rectangle moved = axis.shifted(bed.outline(), by);
            if (!moved.centre().equals(bed.outline().centre())) {
                changes.add(new Change.MoveBed(bed.id(), bed.revision().from(), moved.centre(), moved.turn()));
            }
        }

        List<Change> copies(StandingBed bed, List<Double> steps) {
            return steps.stream()
                    .map(step -> place(
                            bed,
                            axis.shifted(bed.outline(), step),
                            bed.revision().shape()))
                    .toList();
        }

        Change mirrored(StandingBed bed, double mirror) {
            Rectangle outline = bed.outline();
            Point centre = outline.centre();
            Point other = axis == Axis.ACROSS
                    ? Point.metres(2 * mirror - centre.x().metres(), centre.y().metres())
                    : Point.metres(centre.x().metres(), 2 * mirror - centre.y().metres());
            // A mirror across the drawing turns the bed the other way; one that lies flat does so too, and upside down.
            double turn = axis == Axis.ACROSS ? -outline.turn() : 180 - outline.turn();
            return place(
                    bed,
                    outline.movedTo(other, turn),
                    bed.revision().shape().mirrored(outline.length(), outline.width()));
        }

        Change place(StandingBed like, Rectangle outline, Shape shape) {
            BedRevision revision = new BedRevision(
                    season, outline, shape, like.frame(), false, like.revision().build());
            return new Change.PlaceBed(Bed.of(ids.get(), freshName(like.name()), revision));
        }

        /** "Beans 2" for a copy of "Beans", "Beans 3" for one of "Beans 2". */
        private String freshName(String name) {
            String stem = name.replaceFirst(" \\d{1,4}$", "");
            String cut = stem.length() > 70 ? stem.substring(0, 70) : stem;
            for (int number = 2; ; number++) {
                String fresh = cut + " " + number;
                if (names.add(fresh)) {
                    return fresh;
                }
            }
        }
    }
}
