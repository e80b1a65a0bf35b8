package fairacre.sun;

import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.feature;
import static fairacre.testing.Gardens.fence;
import static fairacre.testing.Gardens.height;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.build.Board;
import fairacre.fence.FenceKind;
import fairacre.limits.StoppedException;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Bed;
import fairacre.plan.Change;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.GroundChange;
import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Site;
import fairacre.plan.SoilNotes;
import fairacre.plan.SpotHeight;
import fairacre.shape.Memo;
import fairacre.testing.Gardens;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

class SunStudyTest {

    private static final int SEASON = Gardens.SEASON;
    /** The second half of March, of June, and of December. */
    private static final int MARCH = 5;

    private static final int JUNE = 11;
    private static final int DECEMBER = 23;
    private static final double STEP = SunTrack.MINUTES / 60.0;

    private static Plan garden(double latitude, double north, Change... changes) {
        return with(at(plot(40, 40, List.of(), bed("Beans", 20, 20, 1, 1)), latitude, north), changes);
    }

    private static Plan at(Plan plan, double latitude, double north) {
        return with(plan, new GroundChange.SetSite(new Site(plan.site().corners(), north, latitude)));
    }

    private static Put<Feature> wall(double x1, double y1, double x2, double y2, double height) {
        return high(feature("Wall", FeatureKind.WALL, 0.02, 0, x1, y1, x2, y2), height);
    }

    private static Put<Feature> high(Feature feature, double height) {
        return Put.of(feature.withHeight(Length.metres(height)));
    }

    private static double hours(Plan plan, int day) {
        return SunStudy.of(plan, SEASON).hours().beds().get(0).hours().get(day);
    }

    @Test
    void inTheOpenABedHasAllOfTheDay() {
        SunHours sun = SunStudy.of(garden(50, 0), SEASON).hours();
        assertThat(sun.beds().get(0).hours()).isEqualTo(sun.open());
        assertThat(sun.days()).hasSize(24).startsWith(LocalDate.of(SEASON, 1, 8));
        assertThat(sun.open().get(JUNE)).isGreaterThan(16);
        assertThat(sun.open().get(DECEMBER)).isLessThan(8.5);
    }

    /**
     * At the equinox the sun moves in a plane that leans by the latitude: the shadow of the top of a wall that runs
     * from east to west lies all day at its height times the tangent of the latitude.
     */
    @ParameterizedTest
    @ValueSource(doubles = {30, 45, 55})
    @DisplayName("a long wall in the south at the equinox: all day or not at all, by h tan(latitude)")
    void aWallInTheSouth(double latitude) {
        double height = 2;
        double reach = height * Math.tan(Math.toRadians(latitude));
        // The bed is 1 m deep; the day looked at is three days after the equinox: a tenth of the height is left free.
        double shaded = 20 - 0.5 - 0.85 * reach + 1;
        double free = 20 - 0.5 - 1.2 * reach;
        // Low in the east and west the sun looks round its ends, 20 m off.
        assertThat(hours(garden(latitude, 0, wall(0, shaded, 40, shaded, height)), MARCH))
                .isLessThan(1.5);
        Plan open = garden(latitude, 0, wall(0, free, 40, free, height));
        assertThat(hours(open, MARCH)).isGreaterThan(hours(garden(latitude, 0), MARCH) - 1.2);
        // In the southern half of the earth it shades nothing at noon; in the north it takes the summer's morning and
        // evening.
        assertThat(hours(garden(-latitude, 0, wall(0, 18, 40, 18, height)), MARCH))
                .isGreaterThan(10);
    }

    @Test
    @DisplayName("turned with its north, a garden has the same sun")
    void turned() {
        Plan south = garden(50, 0, wall(10, 18, 30, 18, 2));
        Plan east = garden(50, -90, wall(22, 10, 22, 30, 2));
        // North to the left of the drawing: a wall on its right is in the south.
        for (int day = 0; day < 24; day++) {
            assertThat(hours(east, day)).isCloseTo(hours(south, day), within(2 * STEP));
        }
    }

    @Test
    void aMeshTakesItsShareAndABareCrownHalf() {
        Plan open = garden(50, 0);
        Plan mesh = garden(50, 0, Put.of(fence("Net", FenceKind.DEER_NET, 3, 0, 19, 40, 19)));
        Plan boards = garden(50, 0, Put.of(fence("Net", FenceKind.BOARDS, 3, 0, 19, 40, 19)));
        double taken = hours(open, MARCH) - hours(mesh, MARCH);
        assertThat(taken).isCloseTo(0.05 * (hours(open, MARCH) - hours(boards, MARCH)), within(0.02));
        Feature tree = new Feature.SpotFeature(
                id("Pear"),
                "Pear",
                FeatureKind.TREE,
                List.of(Point.metres(20, 14)),
                Length.ZERO,
                Length.metres(3),
                Length.metres(6),
                true,
                false,
                Lifetime.ALWAYS);
        double winter = hours(open, DECEMBER) - hours(garden(50, 0, Put.of(tree)), DECEMBER);
        double evergreen = hours(open, DECEMBER)
                - hours(garden(50, 0, Put.of(tree.withHeight(Length.metres(6))), Put.of(evergreen(tree))), DECEMBER);
        assertThat(winter).isPositive();
        assertThat(winter).isCloseTo(evergreen / 2, within(0.02));
    }

    private static Feature evergreen(Feature tree) {
        return new Feature.SpotFeature(
                tree.id(),
                tree.name(),
                tree.kind(),
                tree.places(),
                tree.breadth(),
                tree.margin(),
                tree.height(),
                false,
                false,
                tree.lifetime());
    }

    @ParameterizedTest
    @CsvSource({
        "6, FULL_SUN",
        "5.99, PART_SUN",
        "4, PART_SUN",
        "3.99, LEAF_CROPS",
        "3, LEAF_CROPS",
        "2.99, SHADE",
        "0, SHADE"
    })
    @DisplayName("6 hours for fruiting crops, 4 for roots and cabbages, 3 for leaf crops (common practice)")
    void exposure(double hours, Exposure exposure) {
        assertThat(Exposure.of(hours)).isEqualTo(exposure);
    }

    @Test
    void theGrowingMonthsAreTheLongDaysOnEitherHalfOfTheEarth() {
        for (double latitude : new double[] {50, -50}) {
            SunHours sun = SunStudy.of(garden(latitude, 0), SEASON).hours();
            assertThat(sun.beds().get(0).growing()).isBetween(13.5, 15.0);
            assertThat(sun.beds().get(0).exposure()).isEqualTo(Exposure.FULL_SUN.label());
        }
    }

    @Test
    void anotherBedThatIsHigherShadesOne() {
        Bed low = bed("Low", 20, 20, 2, 1);
        Bed high = bed("High", 20, 18.9, 2, 1, 0, Optional.of(Gardens.cedar(Board.M47X200, 5)));
        Plan plan = at(plot(40, 40, List.of(), low, high), 50, 0);
        List<SunHours.BedSun> beds = SunStudy.of(plan, SEASON).hours().beds();
        SunHours.BedSun shaded = beds.stream()
                .filter(each -> each.bed().equals(low.id()))
                .findFirst()
                .orElseThrow();
        SunHours.BedSun open = beds.stream()
                .filter(each -> each.bed().equals(high.id()))
                .findFirst()
                .orElseThrow();
        assertThat(shaded.hours().get(DECEMBER)).isLessThan(open.hours().get(DECEMBER));
        assertThat(shaded.least().get(DECEMBER)).isLessThan(shaded.hours().get(DECEMBER));
    }

    @Test
    @DisplayName("what a thing takes is what there is more where it is not, by counting again without it")
    void whatEachThingTakes() {
        Change[] things = {
            wall(14, 18, 26, 18, 2),
            high(feature("House", FeatureKind.HOUSE, 0, 0, 24, 14, 30, 14, 30, 22, 24, 22), 6),
            Put.of(fence("Net", FenceKind.WOVEN_WIRE, 2, 10, 17, 30, 17))
        };
        SunHours.BedSun all =
                SunStudy.of(garden(50, 0, things), SEASON).hours().beds().get(0);
        String[] names = {"Wall", "House", "Net"};
        for (int i = 0; i < things.length; i++) {
            List<Change> others = new ArrayList<>(List.of(things));
            others.remove(i);
            double without = SunStudy.of(garden(50, 0, others.toArray(Change[]::new)), SEASON)
                    .hours()
                    .beds()
                    .get(0)
                    .growing();
            String name = names[i];
            double taken = all.taken().stream()
                    .filter(each -> each.thing().equals(id(name)))
                    .mapToDouble(SunHours.Taker::hours)
                    .sum();
            // Less than 3 minutes a day is not told.
            assertThat(taken).isCloseTo(without - all.growing(), within(0.051));
        }
        assertThat(all.taken()).isSortedAccordingTo(Comparator.comparing(taken -> -taken.hours()));
    }

    @Test
    @DisplayName(
            "behind a skyline of 20 degrees all round the sun counts while it stands higher, and the day is as long")
    void theHorizonHidesTheSun() {
        Sky valley = new Sky(id("Sky"), List.of(new Sky.Skyline(0, 20)), Optional.empty());
        SunHours sun = SunStudy.of(garden(50, 0, Put.of(valley)), SEASON).hours();
        long higher = SunTrack.of(sun.days().get(MARCH), 50).stream()
                .filter(place -> Math.toDegrees(place.altitude()) >= 20)
                .count();
        assertThat(sun.beds().get(0).hours().get(MARCH)).isCloseTo(higher * STEP, within(1e-9));
        assertThat(sun.open())
                .isEqualTo(SunStudy.of(garden(50, 0), SEASON).hours().open());
        DaySun day = SunStudy.of(garden(50, 0, Put.of(valley), wall(14, 18, 26, 18, 2)), SEASON)
                .day(LocalDate.of(SEASON, 6, 23));
        assertThat(day.moments()).anyMatch(DaySun.Moment::hidden);
        assertThat(day.moments())
                .allMatch(moment -> moment.hidden() == moment.shadows().isEmpty());
    }

    @Test
    void theMapOfOpenGroundLeavesBuildingsOutAndHasTheSunOfABedInTheGround() {
        Plan plan = with(
                at(plot(10, 10, List.of(), bed("Beans", 5.25, 5.25, 0.4, 0.4)), 50, 0),
                wall(0, 4, 10, 4, 2),
                high(feature("Shed", FeatureKind.SHED, 0, 0, 0, 0, 2, 0, 2, 2, 0, 2), 2));
        SunMap map = SunStudy.of(plan, SEASON).quickMap(Optional.empty());
        assertThat(map.cell()).isEqualTo(0.5);
        assertThat(map.cells()).hasSize(400 - 16);
        double mapped = map.cells().stream()
                .filter(cell -> cell.x() == 5.25 && cell.y() == 5.25)
                .mapToDouble(SunMap.Cell::hours)
                .sum();
        assertThat(mapped)
                .isCloseTo(SunStudy.of(plan, SEASON).hours().beds().get(0).growing(), within(0.2));
        LocalDate june = LocalDate.of(SEASON, 6, 23);
        SunMap day = SunStudy.of(plan, SEASON).quickMap(Optional.of(june));
        assertThat(day.up()).isCloseTo(SunTrack.of(june, 50).size() * STEP, within(1e-9));
        assertThat(day.cells()).allMatch(cell -> cell.exposure() == Exposure.of(cell.hours()));
        double shady = day.cells().stream().filter(cell -> cell.hours() < 3).count();
        assertThat(day.grades().get(3).least()).isZero();
        assertThat(day.grades().get(3).share()).isCloseTo(shady / day.cells().size(), within(1e-9));
        assertThat(day.grades().stream().mapToDouble(SunMap.Grade::share).sum()).isCloseTo(1, within(1e-9));
    }

    @Test
    void whatHasNoHeightIsNamed() {
        Plan plan = garden(50, 0, Put.of(feature("House", FeatureKind.HOUSE, 0, 0, 5, 5, 9, 5, 9, 9, 5, 9)));
        assertThat(SunStudy.of(plan, SEASON).hours().unknown()).containsExactly("House");
        assertThat(SunStudy.of(plan, SEASON).hours().beds().get(0).hours())
                .isEqualTo(
                        SunStudy.of(garden(50, 0), SEASON).hours().beds().get(0).hours());
    }

    @Test
    void inThePolarNightThereAreNoHours() {
        assertThat(hours(garden(78, 0), DECEMBER)).isZero();
        assertThat(hours(garden(78, 0), JUNE)).isCloseTo(24, within(1e-9));
    }

    /** A scene of boxes; the line to the sun is walked in steps of 2 cm, and each is looked up in the footprints. */
    @Test
    @DisplayName("a map that takes long is coarse at first, with the sun of the fine one where they have one place")
    void aLargeMap() {
        List<Change> walls = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            walls.add(high(feature("Wall " + i, FeatureKind.WALL, 0.05, 0, 0.5 * i, 5, 0.5 * i + 0.4, 5), 1.5));
        }
        Plan many = with(garden(50, 0), walls.toArray(Change[]::new));
        Optional<LocalDate> june = Optional.of(LocalDate.of(SEASON, 6, 21));
        SunStudy study = SunStudy.of(many, SEASON);
        SunMap quick = study.quickMap(Optional.empty());
        assertThat(quick.coarse()).isTrue();
        assertThat(quick.cell()).isGreaterThan(0.63);
        assertThat(study.quickMap(june).coarse()).isFalse();
        List<Integer> done = new ArrayList<>();
        SunMap fine = study.map(june, done::add);
        assertThat(done).containsExactly(1);
        assertThat(fine).isEqualTo(study.quickMap(june));
        assertThat(fine.coarse()).isFalse();
        // 40 x 40 m in 4000 squares.
        assertThat(fine.cell()).isCloseTo(0.6325, within(0.001));
        assertThatThrownBy(() ->
                        SunStudy.of(many, SEASON, Memo.none().until(() -> true)).map(june, each -> {}))
                .isInstanceOf(StoppedException.class);
    }

    private static Plan sloping(double latitude, Plan plan, SpotHeight... heights) {
        return with(
                plan,
                new GroundChange.SetSite(new Site(
                        plan.site().corners(),
                        List.of(),
                        0,
                        latitude,
                        Optional.empty(),
                        false,
                        List.of(heights),
                        SoilNotes.NOTHING_KNOWN)));
    }

    @Test
    @DisplayName("at the foot of a bank that climbs to the south at 26.6 degrees, the sun of December stays away")
    void belowABank() {
        Plan bank = sloping(
                50,
                plot(40, 40, List.of(), bed("Beans", 20, 20, 1, 1)),
                height(0, 19, 0),
                height(40, 19, 0),
                height(0, 1, 9),
                height(40, 1, 9),
                height(0, 40, 0),
                height(40, 40, 0));
        // At noon it stands 90 - 50 - 23.4 = 16.6 degrees high.
        assertThat(hours(bank, DECEMBER)).isZero();
        assertThat(hours(bank, JUNE)).isGreaterThan(12);
    }

    @Test
    @DisplayName("a retaining wall shades the ground in front of it like a wall on level ground, and nothing behind it")
    void aRetainingWall() {
        Put<Feature> wall = high(feature("Wall", FeatureKind.RETAINING_WALL, 0.02, 0, 0, 18.5, 40, 18.5), 1);
        SpotHeight[] step = {
            height(0, 0, 1),
            height(40, 0, 1),
            height(0, 18.4, 1),
            height(40, 18.4, 1),
            height(0, 18.6, 0),
            height(40, 18.6, 0),
            height(0, 40, 0),
            height(40, 40, 0)
        };
        Plan below = sloping(50, plot(40, 40, List.of(), bed("Beans", 20, 20, 1, 1)), step);
        Plan above = sloping(50, plot(40, 40, List.of(), bed("Beans", 20, 17, 1, 1)), step);
        Plan free = garden(50, 0, wall(0, 18.5, 40, 18.5, 1));
        for (int day : new int[] {MARCH, JUNE, DECEMBER}) {
            assertThat(hours(with(below, wall), day)).isCloseTo(hours(free, day), within(2 * STEP));
            assertThat(hours(with(above, wall), day)).isEqualTo(hours(above, day));
        }
        // Behind it lies ground as high as its top: no shadow is drawn there while the sun stands in front of it.
        List<DaySun.Shadow> drawn =
                SunStudy.of(with(above, wall), SEASON).day(LocalDate.of(SEASON, 6, 21)).moments().stream()
                        .filter(moment -> moment.azimuth() < 60)
                        .flatMap(moment -> moment.shadows().stream())
                        .toList();
        assertThat(drawn).isEmpty();
        // Where no height tells which side it holds back, it casts nothing.
        assertThat(hours(garden(50, 0, wall), MARCH)).isEqualTo(hours(garden(50, 0), MARCH));
    }

    @Test
    void anEditIsFollowedWhereItsShadowReachesOnly() {
        Plan plan = with(
                at(plot(40, 40, List.of(), bed("Beans", 20, 5, 1, 1), bed("Kale", 20, 35, 1, 1)), 50, 0),
                Put.of(fence("Net", FenceKind.BOARDS, 2, 0, 30, 40, 30)));
        Memo memo = new Memo(Memo.USUAL);
        SunStudy.of(plan, SEASON, memo).hours();
        // The sun never stands due north of Beans, where the new fence is.
        Plan edited = with(plan, Put.of(fence("Low", FenceKind.BOARDS, 0.3, 18, 36.2, 22, 36.2)));
        AtomicInteger worked = new AtomicInteger();
        Memo counting = memo.until(() -> worked.incrementAndGet() < 0);
        SunHours after = SunStudy.of(edited, SEASON, counting).hours();
        assertThat(after).isEqualTo(SunStudy.of(edited, SEASON).hours());
        // All of the season together, and Kale alone.
        assertThat(worked).hasValueLessThanOrEqualTo(2);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    @DisplayName("random boxes against a march along the line to the sun in steps of 2 cm")
    void randomScenes(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        List<Polygon> grounds = new ArrayList<>();
        List<Caster> casters = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            Bed box = bed(
                    "Box " + i,
                    random.nextDouble(0, 20),
                    random.nextDouble(0, 20),
                    random.nextDouble(0.5, 5),
                    random.nextDouble(0.5, 3),
                    random.nextDouble(0, 180),
                    Optional.empty());
            Polygon ground = Polygons.of(box.in(SEASON).orElseThrow().corners());
            double low = random.nextBoolean() ? 0 : random.nextDouble(0, 2);
            grounds.add(ground);
            casters.add(Caster.of(id("Box " + i), ground.getCoordinates(), 0, low, low + random.nextDouble(0.3, 4), 1));
        }
        int differing = 0;
        int looked = 0;
        for (int i = 0; i < 300; i++) {
            double x = random.nextDouble(0, 20);
            double y = random.nextDouble(0, 20);
            double angle = random.nextDouble(0, 2 * Math.PI);
            double slope = Math.tan(random.nextDouble(0.05, 1.4));
            if (grounds.stream().anyMatch(ground -> ground.contains(point(x, y)))) {
                continue;
            }
            looked++;
            boolean hidden = casters.stream()
                    .anyMatch(caster -> caster.hides(x, y, 0.3, Math.cos(angle), Math.sin(angle), slope));
            differing += hidden == marched(grounds, casters, x, y, 0.3, angle, slope) ? 0 : 1;
        }
        assertThat(looked).isGreaterThan(150);
        // Lines that graze a corner within a step may be judged either way.
        assertThat(differing).isLessThanOrEqualTo(2);
    }

    private static org.locationtech.jts.geom.Point point(double x, double y) {
        return new GeometryFactory().createPoint(new Coordinate(x, y));
    }

    private static boolean marched(
            List<Polygon> grounds, List<Caster> casters, double x, double y, double z, double angle, double slope) {
        for (double t = 0; t < 40; t += 0.02) {
            double height = z + t * slope;
            org.locationtech.jts.geom.Point at = point(x + t * Math.cos(angle), y + t * Math.sin(angle));
            for (int i = 0; i < grounds.size(); i++) {
                Caster caster = casters.get(i);
                if (height > caster.low()
                        && height < caster.high()
                        && grounds.get(i).contains(at)) {
                    return true;
                }
            }
        }
        return false;
    }
}
