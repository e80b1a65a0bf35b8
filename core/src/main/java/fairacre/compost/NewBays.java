package fairacre.compost;

import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.plan.Gardener;
import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import fairacre.plan.Point;
import fairacre.plan.Polygons;
import fairacre.plan.Put;
import fairacre.plan.Rectangle;
import fairacre.plan.Setting;
import fairacre.plan.StandingBed;
import fairacre.shape.FreeGround;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;

/**
 * Compost bays to begin with: two cubes of 3 ft, or of a metre, as near to the first way in as there is free ground
 * with room to pass all round. Two or three cubes of 3 ft by the gate are common practice.
 */
public final class NewBays {

    private static final int BAYS = 2;
    private static final Length CUBE_IN_FEET = Length.feet(3);
    private static final Length CUBE_IN_METRES = Length.metres(1);
    /** Room to pass where nobody gardens yet: 2 ft. */
    private static final Length ROOM = Length.feet(2);
    /** Places are tried so far apart, metres. */
    private static final double STEP = 0.25;

    private NewBays() {}

    /** The change that puts them there; in the middle of the plot where no free ground has room for them. */
    public static Put<CompostBays> in(Plan plan, int season, UUID id) {
        return new Put<>(
                CompostKinds.BAYS,
                new CompostBays(
                        id,
                        freeName(plan),
                        place(plan, season),
                        BAYS,
                        cube(plan),
                        Optional.empty(),
                        Optional.empty(),
                        season > plan.firstSeason() ? Lifetime.from(season) : Lifetime.ALWAYS));
    }

    private static Length cube(Plan plan) {
        return plan.units() == Units.METRIC ? CUBE_IN_METRES : CUBE_IN_FEET;
    }

    private static String freeName(Plan plan) {
        List<String> taken =
                plan.list(CompostKinds.BAYS).stream().map(CompostBays::name).toList();
        return Stream.iterate(1, number -> number + 1)
                .map(number -> number == 1 ? "Compost" : "Compost " + number)
                .filter(name -> !taken.contains(name))
                .findFirst()
                .orElseThrow();
    }

    private static Rectangle place(Plan plan, int season) {
        Length length = cube(plan).times(BAYS).plus(CompostBays.WALL.times(BAYS + 1));
        Length width = cube(plan).plus(CompostBays.WALL.times(2));
        Setting setting = plan.setting(season);
        List<StandingBed> standing = plan.standing(season);
        Length room = plan.gardeners().stream().map(Gardener::passing).reduce(ROOM, Length::max);
        Envelope plot = setting.site().ground().getEnvelopeInternal();
        Point near = setting.waysIn().isEmpty()
                ? Point.metres(plot.getMinX(), plot.getMinY())
                : setting.waysIn().get(0).place();
        return steps(plot.getMinX(), plot.getMaxX())
                .flatMap(x -> steps(plot.getMinY(), plot.getMaxY()).map(y -> Point.metres(x, y)))
                .sorted(Comparator.comparingDouble(place -> distance(place, near)))
                .flatMap(centre -> Stream.of(0.0, 90.0).map(turn -> new Rectangle(centre, length, width, turn)))
                .filter(place -> isOpen(place, room, setting, standing))
                .findFirst()
                .orElseGet(() -> new Rectangle(Point.metres(plot.centre().x, plot.centre().y), length, width, 0));
    }

    private static Stream<Double> steps(double from, double to) {
        return DoubleStream.iterate(from, at -> at <= to, at -> at + STEP).boxed();
    }

    private static double distance(Point one, Point other) {
        return Math.hypot(
                one.x().minus(other.x()).metres(), one.y().minus(other.y()).metres());
    }

    /** On the plot, with room to pass between them and everything else that takes ground, and before every way in. */
    private static boolean isOpen(Rectangle place, Length room, Setting setting, List<StandingBed> standing) {
        Rectangle wide =
                place.resized(place.length().plus(room.times(2)), place.width().plus(room.times(2)));
        return setting.site().ground().covers(Polygons.of(place.corners()))
                && FreeGround.isFree(Polygons.of(wide.corners()), setting, standing)
                && setting.waysIn().stream()
                        .allMatch(way -> Polygons.of(place.corners()).distance(Polygons.line(List.of(way.place())))
                                >= Math.max(room.metres(), way.width().metres()));
    }
}
