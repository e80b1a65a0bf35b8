package fairacre.frame;

import fairacre.build.Board;
import fairacre.build.Fastener;
import fairacre.build.Fittings;
import fairacre.build.Fittings.CornerPost;
import fairacre.build.Fittings.Support;
import fairacre.build.Fittings.Underlay;
import fairacre.build.Frame;
import fairacre.build.Joint;
import fairacre.frame.Timber.Use;
import fairacre.goods.LayerKind;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.plan.BedRevision;
import fairacre.shape.Ring;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/**
 * What holds a frame together: posts, stakes, ties, a cap, fasteners, a liner and what lies beneath.
 *
 * <p>All counts are common practice. Three screws to a board's end, four in a 2 x 10 and wider: at a butt joint in the
 * end of the board that stops there, at a mitre in both, and with a corner post in both, into the post. Two coach
 * screws to a joint of sleepers. The lowest course of posts is pinned to the ground every four feet, six pins to a bed
 * of 4 x 8 ft; further pins stand about a foot apart in plan and each goes through as many courses as it is long: one
 * of two feet holds six courses of 4 x 4. A splice stands over a stake. Supports go by {@link BowStudy}, stakes by
 * {@link StakeStudy}.
 */
public final class HardwareStudy {

    static final int SCREWS = 3;
    static final int SCREWS_WIDE = 4;
    static final int COACH_SCREWS = 2;
    static final Length BETWEEN_PINS = Length.feet(1);
    static final Length BETWEEN_GROUND_PINS = Length.feet(4);
    static final int LEAST_GROUND_PINS = 4;
    static final Length BETWEEN_CAP_SCREWS = Length.inches(16);
    static final Length PIN = Length.inches(24);
    /** What a rod or a strap has beyond the boards for its nuts, or its screws, at both ends together. */
    static final Length BEYOND = Length.inches(2);

    static final Length TURNED_UP = Length.inches(6);
    /** A cap bears who leans or sits on it. */
    private static final Length THINNEST_CAP = Length.inches(0.75);
    /** A cap that is no more than this wider than a plank is made of that plank. */
    private static final Length NEARLY = Length.millimetres(1);

    private final BedRevision bed;
    private final Frame frame;
    private final Fittings fittings;
    private final Ring ring;
    private final List<Timber> timber = new ArrayList<>();
    private final Map<Fastener, Integer> fasteners = new EnumMap<>(Fastener.class);

    private HardwareStudy(BedRevision bed, Frame frame) {
        this.bed = bed;
        this.frame = frame;
        this.fittings = bed.build().fittings().orElse(Fittings.usual(frame));
        this.ring = Ring.of(bed.cornersUnplaced());
    }

    /** Empty for a bed without boards. */
    public static Optional<Hardware> of(BedRevision bed) {
        return bed.frame().map(frame -> {
            HardwareStudy study = new HardwareStudy(bed, frame);
            study.addPartCourses();
            study.addTable();
            return study.study(0, true);
        });
    }

    /**
     * What is added when courses go on top of those that are there: fasteners and liner for them and for part-courses
     * that come in below, and longer posts and stakes in place of the old ones. A cap that was there is laid on again.
     *
     * @param before the same bed with fewer courses
     */
    public static Optional<Hardware> onTop(BedRevision bed, BedRevision before) {
        int there = before.frame().map(Frame::courses).orElse(0);
        boolean capped = before.build().cap().equals(bed.build().cap());
        return bed.frame().map(frame -> {
            HardwareStudy study = new HardwareStudy(bed, frame);
            if (!before.madeUp().equals(bed.madeUp())) {
                study.addPartCourses();
            }
            return study.study(there, !capped);
        });
    }

    private Hardware study(int there, boolean newCap) {
        addPosts();
        Length ties = addSupports(there);
        if (newCap) {
            addCap();
        }
        addJoints(there);
        Length perimeter = perimeter();
        Area liner = fittings.liner()
                ? Area.squareMetres(perimeter.metres() * frame.board().width().metres() * (frame.courses() - there))
                : Area.ZERO;
        Area under = there > 0 || fittings.underlay() == Underlay.NONE ? Area.ZERO : underlay(perimeter);
        return new Hardware(fittings, timber, fasteners, ties, liner, under);
    }

    private void addPosts() {
        // A table bed has its legs in the corners.
        if (fittings.posts() != CornerPost.NONE && !bed.build().legs().isPositive()) {
            add(
                    Use.CORNER_POST,
                    post(fittings.posts() == CornerPost.STOUT),
                    BowStudy.soilHeight(bed, frame),
                    ring.edges());
        }
    }

    /** Both ends of each are held as in a course: by screws into a stake or a post, or by pins from above. */
    private void addPartCourses() {
        for (PlacedPiece piece : PartCourses.of(bed, frame)) {
            boolean pinned = frame.board().fastener() == Fastener.PIN;
            fasten(
                    frame.board().fastener(),
                    pinned ? Math.max(2, times(piece.length(), BETWEEN_PINS)) : 2 * perEnd(frame.board()));
        }
    }

    private void addTable() {
        if (bed.build().legs().isPositive()) {
            TableStudy table = TableStudy.of(bed, frame);
            Board stout = post(true);
            Fastener screw = screw(frame.board());
            add(Use.LEG, stout, bed.height(), table.legs());
            add(Use.LEG, stout, bed.build().legs(), table.innerLegs());
            fasten(screw, (table.legs() + table.innerLegs()) * SCREWS);
            FrameTakeoff.run(table.cleat(), post(false).longest(), 0)
                    .forEach(piece -> add(Use.CLEAT, post(false), piece, 2));
            fasten(screw, 2 * (times(table.cleat(), BETWEEN_CAP_SCREWS) + 1));
            FrameTakeoff.run(table.bearer(), frame.board().longest(), 0)
                    .forEach(piece -> add(Use.BEARER, frame.board(), piece, table.bearers()));
            table.floor()
                    .forEach((length, count) -> FrameTakeoff.run(
                                    length, frame.board().longest(), 0)
                            .forEach(piece -> add(Use.FLOOR, frame.board(), piece, count)));
            int boards =
                    table.floor().values().stream().mapToInt(count -> count).sum();
            fasten(screw, boards * 2 * (2 + table.bearers()));
        }
    }

    private Board post(boolean stout) {
        return stout ? frame.board().stoutPost() : frame.board().slimPost();
    }

    /** How long the ties across are together. */
    private Length addSupports(int there) {
        Length ties = Length.ZERO;
        // A table bed has nothing to drive a stake into.
        boolean staked = !bed.build().legs().isPositive();
        if (staked) {
            addStakes(
                    StakeStudy.of(
                            frame,
                            BowStudy.soilHeight(bed, frame),
                            frame.board().longest(),
                            1),
                    splices());
        }
        if (fittings.support() != Support.NONE) {
            for (Bowing.Side side : BowStudy.of(bed).map(Bowing::sides).orElse(List.of())) {
                int supports = side.times() * side.ties();
                if (fittings.support() == Support.STAKES || !bed.shape().plain()) {
                    side.stakes()
                            .filter(stakes -> staked)
                            .ifPresent(stakes -> addStakes(stakes, side.times() * stakes.count()));
                } else if (there == 0) {
                    ties = ties.plus(addAcross(side, supports / 2));
                }
            }
        }
        return ties;
    }

    private void addStakes(Stakes stakes, int count) {
        add(Use.STAKE, stakes.board(), stakes.length(), count);
        fasten(screw(frame.board()), count * frame.courses() * perEnd(frame.board()));
    }

    /** Each tie holds this side and the one across from it. */
    private Length addAcross(Bowing.Side side, int ties) {
        Length along = bed.outline().length().minus(bed.thickness().times(2));
        Length across = side.length().equals(along)
                ? bed.outline().width()
                : bed.outline().length();
        if (fittings.support() == Support.BOARDS) {
            Length between = across.minus(bed.thickness().times(2));
            FrameTakeoff.run(between, frame.board().longest(), 0)
                    .forEach(piece -> add(Use.TIE, frame.board(), piece, ties));
            fasten(screw(frame.board()), 2 * ties * perEnd(frame.board()));
            return Length.ZERO;
        }
        if (fittings.support() == Support.STRAPS) {
            fasten(screw(frame.board()), 2 * ties * SCREWS);
        }
        return across.plus(BEYOND).times(ties);
    }

    /** Places round the bed where a joint of a course stands; joints of every other course are above each other. */
    private int splices() {
        int splices = 0;
        for (RoundTheEdge.Edge edge : RoundTheEdge.edges(bed, frame)) {
            Set<Length> joints = new HashSet<>();
            for (int course = 0; course < Math.min(2, frame.courses()); course++) {
                joints.addAll(FrameTakeoff.joints(
                        FrameTakeoff.run(edge.length(), frame.board().longest(), course)));
            }
            splices += joints.size();
        }
        return splices;
    }

    private void addCap() {
        bed.build().cap().ifPresent(cap -> {
            Board board = capBoard(cap.width());
            Map<Length, Integer> lengths = new TreeMap<>(Collections.reverseOrder());
            for (Length edge : RoundTheEdge.outTo(bed, frame, bed.capOverhang())) {
                FrameTakeoff.run(edge, board.longest(), 0).forEach(piece -> lengths.merge(piece, 1, Integer::sum));
            }
            lengths.forEach((length, count) -> {
                add(Use.CAP, board, length, count);
                fasten(screw(board), count * (times(length, BETWEEN_CAP_SCREWS) + 1));
            });
        });
    }

    /** The narrowest plank that is as wide as the cap, of these the thinnest; the widest where none is. */
    private Board capBoard(Length width) {
        List<Board> planks = Board.values().stream()
                .filter(board -> board.metric() == frame.board().metric() && !board.square())
                .filter(board ->
                        board.thickness().compareTo(THINNEST_CAP) >= 0 && board.fastener() != Fastener.COACH_SCREW)
                .sorted(Comparator.comparing(Board::width).thenComparing(Board::thickness))
                .toList();
        return planks.stream()
                .filter(board -> board.width().plus(NEARLY).compareTo(width) >= 0)
                .findFirst()
                .orElse(planks.get(planks.size() - 1));
    }

    private void addJoints(int there) {
        int courses = frame.courses() - there;
        Board board = frame.board();
        boolean both = fittings.posts() != CornerPost.NONE || frame.joint() == Joint.MITRE;
        int ends = ring.edges() * courses * (both ? 2 : 1);
        if (board.fastener() == Fastener.PIN) {
            addPins(there);
        } else {
            fasten(board.fastener(), ends * (board.fastener() == Fastener.COACH_SCREW ? COACH_SCREWS : perEnd(board)));
        }
    }

    private void addPins(int there) {
        int pins = there > 0 ? 0 : Math.max(LEAST_GROUND_PINS, times(perimeter(), BETWEEN_GROUND_PINS));
        int through =
                Math.max(2, (int) (PIN.micrometres() / frame.board().width().micrometres()));
        int joined = Math.max(1, there);
        while (joined < frame.courses()) {
            // A set of pins goes down from the top of the highest course that it reaches, through one at least that is
            // held already.
            joined = Math.min(frame.courses(), joined + through - 1);
            for (PlacedPiece piece : FrameTakeoff.placed(bed, frame)) {
                if (piece.course() == joined) {
                    pins += Math.max(2, times(piece.length(), BETWEEN_PINS));
                }
            }
        }
        fasten(Fastener.PIN, pins);
    }

    private Area underlay(Length perimeter) {
        double ground = ring.polygon().getArea();
        return Area.squareMetres(
                fittings.underlay() == Underlay.CLOTH
                        ? ground + perimeter.metres() * TURNED_UP.metres()
                        : ground * LayerKind.CARDBOARD.ordered());
    }

    private Length perimeter() {
        double perimeter = 0;
        for (int edge = 0; edge < ring.edges(); edge++) {
            perimeter += ring.edgeLength(edge);
        }
        return Length.metres(perimeter);
    }

    private static int perEnd(Board board) {
        return board.wide() ? SCREWS_WIDE : SCREWS;
    }

    /** Into a stake or a beam even what is pinned or coach-screwed elsewhere goes with long screws. */
    private static Fastener screw(Board board) {
        return board.thin() ? Fastener.SHORT_SCREW : Fastener.LONG_SCREW;
    }

    /** How often a distance goes into a length, the last one whole. */
    private static int times(Length length, Length distance) {
        return (int) Math.ceil(length.metres() / distance.metres() - 1e-9);
    }

    private void add(Use use, Board board, Length length, int count) {
        if (count > 0) {
            timber.add(new Timber(use, board, length, count));
        }
    }

    private void fasten(Fastener fastener, int count) {
        if (count > 0) {
            fasteners.merge(fastener, count, Integer::sum);
        }
    }
}
