package fairacre.plan;

import fairacre.build.Build;
import fairacre.build.Builds;
import fairacre.build.Frame;
import fairacre.build.GroundFall;
import fairacre.build.Holder;
import fairacre.build.Kit;
import fairacre.build.Wall;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.outline.Rectangle;
import fairacre.outline.Shape;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/**
 * How a bed is built from one season on.
 *
 * @param from the season it is built for
 * @param outline the rectangle round the outside of the frame, or round the soil where there is none
 * @param shape what the bed looks like within it
 * @param frame empty for an in-ground bed; its boards must leave soil between them, in one piece
 * @param existing whether it stood already when the garden was taken over, so that nothing has to be bought for it
 * @param build what there is besides the frame: a kit in place of boards, a cap, legs, a mound, crops that lean out
 */
public record BedRevision(
        int from, Rectangle outline, Shape shape, Optional<Frame> frame, boolean existing, Build build) {

    /** Less than this is lost to rounding, square metres. */
    private static final double LOST = 1e-3;

    public BedRevision {
        Limits.season(from, "from");
        Limits.present(outline, "outline");
        shape = shape == null ? Shape.RECTANGLE : shape;
        frame = frame == null ? Optional.empty() : frame;
        build = build == null ? Build.PLAIN : build;
        Builds.check(outline, shape, frame, build);
        if (shape.plain()) {
            boolean leavesSoil = thickness(frame, build).times(2).compareTo(outline.shorterSide()) < 0;
            checkRoom(frame, build, leavesSoil);
        } else {
            // Laying the shape out refuses what cuts the bed in two.
            List<Point> corners = onDrawing(outline, shape.outline(outline.length(), outline.width()));
            Length thickness = thickness(frame, build);
            checkRoom(frame, build, !thickness.isPositive() || leavesSoil(corners, thickness.metres()));
        }
    }

    public BedRevision(int from, Rectangle outline, Optional<Frame> frame) {
        this(from, outline, Shape.RECTANGLE, frame, false, Build.PLAIN);
    }

    /** Whether it lies in the ground, with neither an edge nor a heap. */
    public boolean flat() {
        return !thickness().isPositive() && !build.mound().isPositive();
    }

    /** Thickness of what stands round the soil: boards, a wall, or that of a kit; zero where nothing does. */
    public Length thickness() {
        return thickness(frame, build);
    }

    private static Length thickness(Optional<Frame> frame, Build build) {
        return frame.map(f -> f.board().thickness())
                .or(() -> build.wall().map(wall -> wall.kind().thickness()))
                .or(() -> build.kit().map(k -> Kit.WALL))
                .orElse(Length.ZERO);
    }

    public Holder holder() {
        if (frame.isPresent()) {
            return Holder.BOARDS;
        }
        if (build.kit().isPresent()) {
            return Holder.KIT;
        }
        if (build.wall().isPresent()) {
            return Holder.WALL;
        }
        return build.mound().isPositive() ? Holder.MOUND : Holder.GROUND;
    }

    /** Height of the box that holds the soil, or of the mound, without legs; zero for flat ground. */
    public Length holding() {
        return frame.map(Frame::height)
                .or(() -> build.kit().map(Kit::height))
                .or(() -> build.wall().map(Wall::height))
                .orElse(build.mound());
    }

    /** From the ground to the top: legs and what they carry. */
    public Length height() {
        return build.legs().plus(holding());
    }

    /** What the floor of a table bed takes of its depth: boards of the frame laid flat, on cleats within it. */
    public Length floorDepth() {
        return frame.filter(f -> build.legs().isPositive())
                .map(f -> f.board().thickness().plus(f.board().slimPost().width()))
                .orElse(Length.ZERO);
    }

    /** What part-courses make up: nothing without boards, or on legs. */
    public Optional<GroundFall> madeUp() {
        return build.drop().filter(drop -> frame.isPresent() && !build.legs().isPositive());
    }

    /**
     * How far the ground lies below the lowest whole course, metres; the bed's middle at the origin and the bed
     * unturned.
     */
    public double gapBelow(double x, double y) {
        return madeUp().map(drop -> drop.most().metres() / 2
                        + drop.along().metres() * x / outline.length().metres()
                        + drop.across().metres() * y / outline.width().metres())
                .orElse(0.0);
    }

    /** Whether it is a rectangle whose sides may be changed one by one: no notches, no arms, no box of fixed size. */
    public boolean malleable() {
        return shape.plain() && build.kit().isEmpty();
    }

    /** How far the cap stands out over the walk; zero without one. */
    public Length capOverhang() {
        return build.cap().map(cap -> cap.width().minus(thickness())).orElse(Length.ZERO);
    }

    /** How much of the walk beside it the bed takes with its cap or with what grows at its edge, whichever is more. */
    public Length leansOut() {
        Length cap = capOverhang();
        return cap.compareTo(build.overhang()) > 0 ? cap : build.overhang();
    }

    /** How far outside of the frame the body stops that reaches in. */
    public Length keptOff() {
        return build.cap()
                .filter(cap -> !cap.leanedOn())
                .map(cap -> capOverhang())
                .orElse(Length.ZERO);
    }

    /** The corners of the bed on the drawing, keyholes cut out, counter-clockwise. */
    public List<Point> corners() {
        return cornersWithin(outline);
    }

    /**
     * The same corners with the middle of the outline at the origin and the bed unturned: sizes taken from these are
     * the same to the micrometre wherever the bed lies.
     */
    public List<Point> cornersUnplaced() {
        return cornersWithin(outline.movedTo(Point.metres(0, 0), 0));
    }

    private List<Point> cornersWithin(Rectangle place) {
        return shape.plain() ? place.corners() : onDrawing(place, shape.laidOut(outline.length(), outline.width()));
    }

    /**
     * The edges between {@link #corners} that are the first walls of keyholes; the end and the other wall follow each.
     */
    public List<Integer> keyholeWalls() {
        return shape.keyholes().isEmpty()
                ? List.of()
                : shape.laidOut(outline.length(), outline.width()).mouths();
    }

    /** Another rectangle; the shape is fitted to it. */
    public BedRevision withOutline(Rectangle newOutline) {
        boolean sameSize = newOutline.length().equals(outline.length())
                && newOutline.width().equals(outline.width());
        Shape fitted = sameSize ? shape : shape.resized(newOutline.length(), newOutline.width());
        return new BedRevision(from, newOutline, fitted, frame, existing, build);
    }

    public BedRevision withShape(Rectangle newOutline, Shape newShape) {
        return new BedRevision(from, newOutline, newShape, frame, existing, build);
    }

    public BedRevision withFrame(Optional<Frame> newFrame) {
        return new BedRevision(from, outline, shape, newFrame, existing, build);
    }

    public BedRevision withExisting(boolean isExisting) {
        return new BedRevision(from, outline, shape, frame, isExisting, build);
    }

    public BedRevision withBuild(Build newBuild) {
        return new BedRevision(from, outline, shape, frame, existing, newBuild);
    }

    /** As planned for another season; what stood already keeps standing. */
    public BedRevision startingIn(int season) {
        return new BedRevision(season, outline, shape, frame, existing, build);
    }

    private static List<Point> onDrawing(Rectangle outline, Shape.Outline shape) {
        double halfLength = outline.length().metres() / 2;
        double halfWidth = outline.width().metres() / 2;
        return shape.corners().stream()
                .map(c -> outline.at(c.x - halfLength, c.y - halfWidth))
                .toList();
    }

    /**
     * Between the boards there is one piece of soil, and every arm of the bed keeps some: grown again it is the bed.
     */
    private static boolean leavesSoil(List<Point> corners, double thickness) {
        BufferParameters mitred = new BufferParameters(1, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, 10);
        Polygon whole = Polygons.of(corners);
        Geometry inside = BufferOp.bufferOp(whole, -thickness, mitred);
        return !inside.isEmpty()
                && inside.getNumGeometries() == 1
                && BufferOp.bufferOp(inside, thickness, mitred).getArea() > whole.getArea() - LOST;
    }

    private static void checkRoom(Optional<Frame> frame, Build build, boolean leavesSoil) {
        if (leavesSoil) {
            return;
        }
        frame.ifPresent(f -> {
            throw new RefusedException(
                    "frame",
                    "two boards " + f.board().label() + " leave no soil between them",
                    "take a thinner board or a wider bed");
        });
        build.wall().ifPresent(wall -> {
            throw new RefusedException(
                    "build/wall",
                    "two walls of " + wall.kind().label() + " leave no soil between them",
                    "build it slimmer or make the bed wider");
        });
    }

    /** Asked for at every step of a judgement: what tells most beds apart. */
    @Override
    public int hashCode() {
        return 31 * outline.hashCode() + from;
    }
}
