package fairacre.fence;

import fairacre.build.Build;
import fairacre.build.Frame;
import fairacre.ground.FitStudy;
import fairacre.judging.Edits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.outline.Form;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.outline.Rectangle;
import fairacre.outline.Shape;
import fairacre.plan.BedRevision;
import fairacre.plan.Gardener;
import fairacre.plan.Plan;
import fairacre.plan.Setting;
import fairacre.plan.StandingBed;
import fairacre.plan.WayIn;
import fairacre.shape.Areas;
import fairacre.shape.Footprint;
import fairacre.shape.Insets;
import fairacre.shape.PlotSides;
import fairacre.shape.Ring;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.locationtech.jts.algorithm.Angle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.precision.GeometryPrecisionReducer;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/**
 * Low raised beds along the edge of the first piece of ground, in whose soil a fence stands: what digs meets their
 * boards and the mesh behind them. They leave the ways in free, and cut sharp corners off that nobody could reach into.
 */
final class EdgeBeds {

    /** So deep, or as deep as everybody reaches from within: the fence closes the other side. */
    private static final Length DEEPEST = Length.feet(2);

    private static final Length DEEPEST_IN_METRES = Length.metres(0.6);
    /** Less is no bed to plant. */
    private static final Length SHALLOWEST = Length.feet(1);
    /** From the outer boards to the middle of a post, beyond their thickness. */
    private static final Length POST = Length.millimetres(50);

    private static final Length INCH = Length.inches(1);
    private static final Length CENTIMETRE = Length.millimetres(10);
    /** What is left between two ways in and is shorter grows nothing, metres. */
    private static final double SHORTEST = 0.3;
    /** A corner is square if the sine of its angle is within this of one. */
    private static final double SQUARE = 1e-9;
    /** Sharper corners may be cut off: a third of a turn, radians. */
    private static final double SHARP = 2 * Math.PI / 3;

    /** So much of a side is cut off at a corner at most: the rest is for its other corner. */
    private static final double NEARLY_HALF = 0.45;
    /** A sliver no thicker than this is rounding, metres. */
    private static final double SLIVER = 1e-4;
    /** Within so much of the rectangle round it a bed is one, square metres. */
    private static final double SAME = 1e-4;

    private static final PrecisionModel TENTHS_OF_MILLIMETRES = new PrecisionModel(10_000);

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private final Plan plan;
    private final int season;
    private final double walk;
    private final Setting setting;
    private final Optional<Strip> strip;

    /** @param walk how wide a walk beside the beds has to be, metres */
    EdgeBeds(Plan plan, int season, double walk) {
        this.plan = plan;
        this.walk = walk;
        this.season = season;
        this.setting = plan.setting(season);
        this.strip = widest();
    }

    /** What the beds are framed with so that nothing digs deeper; empty if no frame is so high. */
    Optional<Frame> frame(Length digs) {
        return new Edits(plan, season).usualFrame().atLeast(digs);
    }

    /** The line of the fence, just inside of the outer boards; empty where no bed is narrow enough for everybody. */
    Optional<List<Point>> line(Frame frame) {
        return strip.map(all -> all.inset(frame.board().thickness().plus(POST).metres()))
                .filter(Polygon.class::isInstance)
                .map(ring -> Arrays.stream(((Polygon) ring).getExteriorRing().getCoordinates())
                        .map(corner -> Point.metres(corner.x, corner.y))
                        .toList());
    }

    /**
     * The beds, free of some ways in. Empty where one of them finds no room, or leaves none to walk beside what stands
     * already.
     */
    List<BedRevision> beds(Frame frame, List<WayIn> gates) {
        return strip.filter(all -> all.inset(all.width) instanceof Polygon && gates.containsAll(setting.waysIn()))
                .map(all -> beds(all, frame, gates))
                .filter(this::haveRoom)
                .orElse(List.of());
    }

    private List<BedRevision> beds(Strip all, Frame frame, List<WayIn> gates) {
        List<BedRevision> beds = new ArrayList<>();
        Geometry taken =
                Areas.joined(gates.stream().map(gate -> mouth(gate, all.width)).toList());
        for (int i = 0; i < all.corners.length; i++) {
            LineSegment side = all.side(i);
            Polygon along = all.along(i);
            for (Polygon part : Areas.parts(Areas.without(along, taken))) {
                if (part.buffer(-SLIVER).isEmpty()) {
                    continue;
                }
                for (Polygon piece : inBoards(part, side, frame)) {
                    Optional<BedRevision> bed = bed(piece, side, frame);
                    if (bed.isEmpty()) {
                        return List.of();
                    }
                    beds.add(bed.get());
                }
            }
            taken = Areas.joined(List.of(taken, along));
        }
        return beds;
    }

    /** The widest that everybody reaches across, round corners that are cut off where that helps. */
    private Optional<Strip> widest() {
        boolean metric = plan.units() == Units.METRIC;
        long step = (metric ? CENTIMETRE : INCH).micrometres();
        Coordinate[] corners =
                Polygons.counterClockwise(setting.site().corners()).toArray(Coordinate[]::new);
        for (long width = (metric ? DEEPEST_IN_METRES : DEEPEST).micrometres();
                width >= SHALLOWEST.micrometres();
                width -= step) {
            Strip plain = new Strip(corners, new Length(width).metres());
            Optional<Strip> reached = Stream.of(plain, plain.cut(walk))
                    .filter(strip -> plan.gardeners().stream().allMatch(strip::isReachedBy))
                    .findFirst();
            if (reached.isPresent()) {
                return reached;
            }
        }
        return Optional.empty();
    }

    /**
     * The ground along an edge.
     *
     * @param corners of the edge, counter-clockwise
     * @param width metres
     */
    private record Strip(Coordinate[] corners, double width) {

        Coordinate corner(int i) {
            return corners[(i + corners.length) % corners.length];
        }

        LineSegment side(int i) {
            return new LineSegment(corner(i), corner(i + 1));
        }

        /** The angle on the ground's side, radians. */
        double angle(int i) {
            return Angle.interiorAngle(corner(i + 1), corner(i), corner(i - 1));
        }

        boolean isSquare(int i) {
            return Math.abs(Math.sin(angle(i))) > 1 - SQUARE;
        }

        Geometry inset(double metres) {
            return Insets.of(GEOMETRY.createPolygon(closed()), metres);
        }

        private Coordinate[] closed() {
            return Stream.concat(Arrays.stream(corners), Stream.of(corners[0])).toArray(Coordinate[]::new);
        }

        /**
         * Along a side. Square corners belong to both sides that meet there, so that the beds are rectangles; others
         * are halved.
         */
        Polygon along(int i) {
            LineSegment side = side(i);
            double start = past(i) / side.getLength();
            double end = 1 - past(i + 1) / side.getLength();
            double outerStart = isSquare(i) ? Math.min(0, start) : 0;
            double outerEnd = isSquare(i + 1) ? Math.max(1, end) : 1;
            return GEOMETRY.createPolygon(new Coordinate[] {
                side.pointAlong(outerStart),
                side.pointAlong(outerEnd),
                side.pointAlongOffset(isSquare(i + 1) ? outerEnd : end, width),
                side.pointAlongOffset(isSquare(i) ? outerStart : start, width),
                side.pointAlong(outerStart)
            });
        }

        /** How far from a corner of a side the inner edge begins, metres; before it where the corner leads inwards. */
        private double past(int corner) {
            return width / Math.tan(angle(corner) / 2);
        }

        /**
         * Somebody who stands in the corner of the inner edge touches it half their width from there; the furthest soil
         * is in the outer corner.
         */
        boolean isReachedBy(Gardener gardener) {
            double half = gardener.passing().metres() / 2;
            return IntStream.range(0, corners.length)
                    .mapToDouble(this::angle)
                    .map(angle -> angle < Math.PI ? (width + half) / Math.tan(angle / 2) : 0)
                    .allMatch(along ->
                            Math.hypot(width, along) <= gardener.reach().metres());
        }

        /**
         * The same with its corners cut off where they are sharper than a third of a turn, so that each side that is
         * new is as wide on the inside as a walk has to be.
         */
        Strip cut(double walk) {
            List<Coordinate> cut = new ArrayList<>();
            for (int i = 0; i < corners.length; i++) {
                double angle = angle(i);
                if (angle >= SHARP) {
                    cut.add(corner(i));
                    continue;
                }
                double side = 2 * width / Math.tan((Math.PI + angle) / 4) + walk;
                double leg = side / 2 / Math.sin(angle / 2);
                cut.add(towards(corner(i), corner(i - 1), leg));
                cut.add(towards(corner(i), corner(i + 1), leg));
            }
            return new Strip(cut.toArray(Coordinate[]::new), width);
        }

        private static Coordinate towards(Coordinate from, Coordinate to, double metres) {
            return new LineSegment(from, to).pointAlong(Math.min(metres / from.distance(to), NEARLY_HALF));
        }
    }

    /** The ground that a way in keeps free. */
    private Geometry mouth(WayIn gate, double width) {
        LineSegment side = PlotSides.of(gate, setting);
        double half = gate.width().metres() / 2 / side.getLength();
        double middle = side.projectionFactor(
                new Coordinate(gate.place().x().metres(), gate.place().y().metres()));
        return across(side, middle - half, middle + half, 2 * width);
    }

    /** Evenly divided so that no board has to be spliced. */
    private static List<Polygon> inBoards(Polygon part, LineSegment side, Frame frame) {
        double[] along = Arrays.stream(part.getCoordinates())
                .mapToDouble(side::projectionFactor)
                .toArray();
        double from = Arrays.stream(along).min().orElseThrow();
        double to = Arrays.stream(along).max().orElseThrow();
        double length = (to - from) * side.getLength();
        int count = (int) Math.ceil((length - SLIVER) / frame.board().longest().metres());
        return IntStream.range(0, count)
                .mapToObj(i -> across(
                        side, from + (to - from) * i / count, from + (to - from) * (i + 1) / count, side.getLength()))
                .flatMap(piece -> Areas.parts(Areas.shared(part, piece)).stream())
                .toList();
    }

    /** Square across a side from one share of it to another. */
    private static Polygon across(LineSegment side, double from, double to, double deep) {
        return GEOMETRY.createPolygon(new Coordinate[] {
            side.pointAlongOffset(from, -deep),
            side.pointAlongOffset(to, -deep),
            side.pointAlongOffset(to, deep),
            side.pointAlongOffset(from, deep),
            side.pointAlongOffset(from, -deep)
        });
    }

    /** Empty if it is too short. */
    private Optional<BedRevision> bed(Polygon part, LineSegment side, Frame frame) {
        AffineTransformation level = AffineTransformation.rotationInstance(-side.angle());
        Geometry lying = GeometryPrecisionReducer.reduce(
                DouglasPeuckerSimplifier.simplify(level.transform(part), SLIVER), TENTHS_OF_MILLIMETRES);
        Envelope box = lying.getEnvelopeInternal();
        if (Math.max(box.getWidth(), box.getHeight()) < SHORTEST) {

            return Optional.empty();
        }
        Coordinate middle =
                AffineTransformation.rotationInstance(side.angle()).transform(box.centre(), new Coordinate());
        try {
            Rectangle outline = new Rectangle(
                    Point.metres(middle.x, middle.y),
                    Length.metres(box.getWidth()),
                    Length.metres(box.getHeight()),
                    -Math.toDegrees(side.angle()));
            boolean rectangle = box.getArea() - lying.getArea() < SAME;
            return Optional.of(new BedRevision(
                    season,
                    outline,
                    rectangle ? Shape.RECTANGLE : new Shape(freeForm(lying, box), List.of()),
                    Optional.of(frame),
                    false,
                    Build.PLAIN));
        } catch (RefusedException tooNarrowForBoards) {
            return Optional.empty();
        }
    }

    private static Form freeForm(Geometry lying, Envelope box) {
        return new Form.FreeForm(Arrays.stream(lying.getCoordinates())
                .limit(lying.getNumPoints() - 1L)
                .map(corner -> Point.metres(corner.x - box.getMinX(), corner.y - box.getMinY()))
                .toList());
    }

    private boolean haveRoom(List<BedRevision> beds) {
        FitStudy fit = FitStudy.of(setting, plan.standing(season));
        Geometry there = Areas.joined(Stream.concat(
                        plan.standing(season).stream().map(StandingBed::corners).map(corners ->
                                (Geometry) Polygons.of(corners)),
                        setting.features().stream()
                                .filter(feature -> feature.kind().inTheWay())
                                .flatMap(feature -> Footprint.of(feature, setting).stream())
                                .map(Ring::polygon))
                .toList());
        return beds.stream()
                .allMatch(bed -> fit.hasRoomFor(bed)
                        && (there.isEmpty() || Polygons.of(bed.corners()).distance(there) >= walk - SLIVER));
    }
}
