package fairacre.shape;

import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.outline.Rectangle;
import fairacre.plan.Gardener;
import fairacre.plan.Plan;
import fairacre.plan.Setting;
import fairacre.plan.StandingBed;
import fairacre.plan.Things;
import fairacre.plan.WayIn;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;

/**
 * Where something new could stand: with its back to an edge of the plot, as near to a way in as there is free ground
 * with room to pass before and beside it; where no edge has that, anywhere on the plot but on walks.
 */
public final class OpenPlaces {

    /** Room to pass where nobody gardens yet: 2 ft. */
    private static final Length ROOM = Length.feet(2);
    /** Places are tried so far apart, metres. */
    private static final double STEP = 0.1;
    /** Away from the edges, metres; further apart on a plot that would have too many such places. */
    private static final double APART = 0.25;

    private static final int MOST_PLACES = 10_000;
    /** Along an edge that is not upright or level the corners may be rounded off the plot, metres. */
    private static final double ROUNDING = 0.001;

    private OpenPlaces() {}

    /**
     * In the middle of the plot where there is no room for it.
     *
     * @param gate way in that it is put near to; empty, or one that is closed in the season, for the first
     */
    public static Rectangle first(Plan plan, int season, Length length, Length width, Optional<UUID> gate) {
        Setting setting = plan.setting(season);
        List<StandingBed> standing = plan.standing(season);
        Length room = plan.gardeners().stream().map(Gardener::passing).reduce(ROOM, Length::max);
        List<Point> plot = setting.site().corners();
        Point near = setting.waysIn().stream()
                .filter(way -> gate.isEmpty() || way.id().equals(gate.get()))
                .findFirst()
                .or(() -> setting.waysIn().stream().findFirst())
                .map(WayIn::place)
                .orElse(plot.get(0));
        Comparator<Rectangle> nearest = Comparator.comparingDouble(place -> distance(place.centre(), near));
        Stream<Rectangle> edges = IntStream.range(0, plot.size())
                .boxed()
                .flatMap(edge -> along(plot.get(edge), plot.get((edge + 1) % plot.size()), length, width))
                .sorted(nearest);
        Stream<Rectangle> elsewhere =
                anywhere(setting, length, width).sorted(nearest).filter(place -> isOnNoWalk(plan, season, place));
        return Stream.of(edges, elsewhere)
                .flatMap(places -> places)
                .filter(place -> isOpen(place, room, setting, standing))
                .findFirst()
                .orElseGet(() -> middle(setting, length, width));
    }

    /** Over all of the plot, along the drawing and across it. */
    private static Stream<Rectangle> anywhere(Setting setting, Length length, Length width) {
        Envelope plot = setting.site().ground().getEnvelopeInternal();
        double apart = Math.max(APART, Math.sqrt(plot.getArea() / MOST_PLACES));
        return DoubleStream.iterate(plot.getMinX(), x -> x <= plot.getMaxX(), x -> x + apart)
                .boxed()
                .flatMap(x -> DoubleStream.iterate(plot.getMinY(), y -> y <= plot.getMaxY(), y -> y + apart)
                        .boxed()
                        .flatMap(y ->
                                Stream.of(0, 90).map(turn -> new Rectangle(Point.metres(x, y), length, width, turn))));
    }

    private static boolean isOnNoWalk(Plan plan, int season, Rectangle place) {
        return plan.list(Things.WALKS).stream()
                .filter(walk -> walk.lifetime().includes(season))
                .noneMatch(walk -> Polygons.of(walk.corners()).intersects(Polygons.of(place.corners())));
    }

    /** Places with their back to an edge of the plot, on its left as on its right. */
    private static Stream<Rectangle> along(Point from, Point to, Length length, Length width) {
        double edge = distance(from, to);
        double dx = to.x().minus(from.x()).metres() / edge;
        double dy = to.y().minus(from.y()).metres() / edge;
        double turn = Math.toDegrees(Math.atan2(-dy, dx));
        double half = length.metres() / 2;
        return DoubleStream.concat(
                        DoubleStream.of(half),
                        DoubleStream.iterate(half + ROUNDING, at -> at <= edge - half, at -> at + STEP))
                .boxed()
                .flatMap(at -> Stream.of(1, -1)
                        .flatMap(side -> Stream.of(0.0, ROUNDING)
                                .map(off -> side * (width.metres() / 2 + off))
                                .map(off -> new Rectangle(
                                        Point.metres(
                                                from.x().metres() + at * dx - off * dy,
                                                from.y().metres() + at * dy + off * dx),
                                        length,
                                        width,
                                        turn))));
    }

    private static Rectangle middle(Setting setting, Length length, Length width) {
        Envelope plot = setting.site().ground().getEnvelopeInternal();
        return new Rectangle(Point.metres(plot.centre().x, plot.centre().y), length, width, 0);
    }

    private static double distance(Point one, Point other) {
        return Math.hypot(
                one.x().minus(other.x()).metres(), one.y().minus(other.y()).metres());
    }

    /** On the plot, with room to pass between it and everything else that takes ground, and beside every way in. */
    private static boolean isOpen(Rectangle place, Length room, Setting setting, List<StandingBed> standing) {
        Rectangle wide =
                place.resized(place.length().plus(room.times(2)), place.width().plus(room.times(2)));
        return setting.site().ground().covers(Polygons.of(place.corners()))
                && FreeGround.isFree(Polygons.of(wide.corners()), setting, standing)
                && setting.waysIn().stream()
                        .allMatch(gate -> Polygons.of(place.corners()).distance(Polygons.line(List.of(gate.place())))
                                >= gate.width().metres() / 2 + room.metres());
    }
}
