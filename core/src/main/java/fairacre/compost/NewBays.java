package fairacre.compost;

import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.outline.Rectangle;
import fairacre.plan.Gardener;
import fairacre.plan.Lifetime;
import fairacre.plan.Names;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Setting;
import fairacre.plan.StandingBed;
import fairacre.shape.FreeGround;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;

/**
 * Compost bays to begin with: two cubes of 3 ft, or of a metre, with their back to an edge of the plot, as near to the
 * first way in as there is free ground with room to pass before and beside them. Two or three cubes of 3 ft by the gate
 * are common practice.
 */
public final class NewBays {

    private static final int BAYS = 2;
    private static final Length CUBE_IN_FEET = Length.feet(3);
    private static final Length CUBE_IN_METRES = Length.metres(1);
    /** Room to pass where nobody gardens yet: 2 ft. */
    private static final Length ROOM = Length.feet(2);
    /** Places are tried so far apart, metres. */
    private static final double STEP = 0.1;
    /** Along an edge that is not upright or level the corners may be rounded off the plot, metres. */
    private static final double ROUNDING = 0.001;

    private NewBays() {}

    /** The change that puts them there; in the middle of the plot where no edge has room for them. */
    public static Put<CompostBays> in(Plan plan, int season, UUID id) {
        return new Put<>(
                CompostKinds.BAYS,
                new CompostBays(
                        id,
                        Names.free(
                                plan.list(CompostKinds.BAYS).stream()
                                        .map(CompostBays::name)
                                        .toList(),
                                "Compost"),
                        place(plan, season),
                        BAYS,
                        cube(plan),
                        Optional.empty(),
                        Optional.empty(),
                        Lifetime.from(season)));
    }

    private static Length cube(Plan plan) {
        return plan.units() == Units.METRIC ? CUBE_IN_METRES : CUBE_IN_FEET;
    }

    private static Rectangle place(Plan plan, int season) {
        Length length = cube(plan).times(BAYS).plus(CompostBays.WALL.times(BAYS + 1));
        Length width = cube(plan).plus(CompostBays.WALL.times(2));
        Setting setting = plan.setting(season);
        List<StandingBed> standing = plan.standing(season);
        Length room = plan.gardeners().stream().map(Gardener::passing).reduce(ROOM, Length::max);
        List<Point> plot = setting.site().corners();
        Point near = setting.waysIn().isEmpty()
                ? plot.get(0)
                : setting.waysIn().get(0).place();
        return IntStream.range(0, plot.size())
                .boxed()
                .flatMap(edge -> along(plot.get(edge), plot.get((edge + 1) % plot.size()), length, width))
                .sorted(Comparator.comparingDouble(place -> distance(place.centre(), near)))
                .filter(place -> isOpen(place, room, setting, standing))
                .findFirst()
                .orElseGet(() -> middle(setting, length, width));
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

    /** On the plot, with room to pass between them and everything else that takes ground, and beside every way in. */
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
