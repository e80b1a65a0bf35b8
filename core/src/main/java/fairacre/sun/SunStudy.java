package fairacre.sun;

import fairacre.ground.Levels;
import fairacre.outline.Polygons;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.shape.Memo;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;

/** The sun of a season: {@link #of} and {@link #hours}. */
public final class SunStudy {

    /** Places in a bed are so far apart, metres. */
    private static final double GRID = 0.25;

    private static final int FIRST_HALF = 8;
    private static final int SECOND_HALF = 23;
    private static final int MONTHS = 12;
    /** Leaves are down from November to March, in the south from May to September (common practice). */
    private static final List<Integer> BARE = List.of(11, 12, 1, 2, 3);

    private static final List<Integer> GROWING = List.of(4, 5, 6, 7, 8, 9);

    private static final int HALF_A_YEAR = 6;

    private final Plan plan;
    private final int season;
    private final List<StandingBed> standing;
    private final Optional<Levels> levels;
    private final Casters casters;

    private SunStudy(Plan plan, int season, Memo memo) {
        this.plan = plan;
        this.season = season;
        this.standing = plan.standing(season);
        this.levels = Levels.of(plan.site().levels(), memo);
        this.casters = new Casters(plan, season, standing, levels);
    }

    public static SunStudy of(Plan plan, int season) {
        return new SunStudy(plan, season, Memo.none());
    }

    /** On the middle day of each half-month. */
    public SunHours hours() {
        List<LocalDate> days = IntStream.rangeClosed(1, MONTHS)
                .boxed()
                .flatMap(month ->
                        IntStream.of(FIRST_HALF, SECOND_HALF).mapToObj(day -> LocalDate.of(season, month, day)))
                .toList();
        List<Day> tracks = days.stream().map(this::day).toList();
        return new SunHours(
                days,
                tracks.stream().map(day -> hours(day.sun.size())).toList(),
                standing.stream()
                        .sorted(Comparator.comparing(StandingBed::id))
                        .map(bed -> of(bed, tracks))
                        .toList(),
                casters.unknown());
    }

    /** The sun's way through a day, and what is in its way. */
    private record Day(List<SunTrack.Place> sun, List<Caster> casters) {}

    private Day day(LocalDate date) {
        double latitude = plan.site().latitude();
        return new Day(SunTrack.of(date, latitude), casters.all(isBare(date.getMonthValue(), latitude)));
    }

    private static boolean isBare(int month, double latitude) {
        return BARE.contains(asInTheNorth(month, latitude));
    }

    private boolean isGrowing(int month) {
        return GROWING.contains(asInTheNorth(month, plan.site().latitude()));
    }

    private static int asInTheNorth(int month, double latitude) {
        return latitude >= 0 ? month : (month + HALF_A_YEAR - 1) % MONTHS + 1;
    }

    private static double hours(double steps) {
        return steps * SunTrack.MINUTES / 60;
    }

    private SunHours.BedSun of(StandingBed bed, List<Day> days) {
        List<Coordinate> places = places(Polygons.of(bed.corners()));
        List<Caster> beds = casters.beds(bed.id());
        List<DoubleSummaryStatistics> told = days.stream()
                .map(day -> {
                    List<Caster> all = new ArrayList<>(day.casters);
                    all.addAll(beds);
                    return places.stream()
                            .mapToDouble(place -> hours(light(place, bed, day.sun, all)))
                            .summaryStatistics();
                })
                .toList();
        List<Double> hours =
                told.stream().map(DoubleSummaryStatistics::getAverage).toList();
        double growing = IntStream.range(0, hours.size())
                .filter(i -> isGrowing(i / 2 + 1))
                .mapToDouble(hours::get)
                .average()
                .orElseThrow();
        return new SunHours.BedSun(
                bed.id(),
                hours,
                told.stream().map(DoubleSummaryStatistics::getMin).toList(),
                growing,
                Exposure.of(growing).label());
    }

    /** The middles of the squares of a grid that lie in a bed; its inner point where none does. */
    private static List<Coordinate> places(Polygon bed) {
        Envelope around = bed.getEnvelopeInternal();
        IndexedPointInAreaLocator within = new IndexedPointInAreaLocator(bed);
        List<Coordinate> places = new ArrayList<>();
        int columns = (int) Math.ceil(around.getWidth() / GRID);
        int rows = (int) Math.ceil(around.getHeight() / GRID);
        for (int i = 0; i < columns; i++) {
            for (int j = 0; j < rows; j++) {
                Coordinate place = new Coordinate(
                        around.getMinX() + (i + 0.5) * around.getWidth() / columns,
                        around.getMinY() + (j + 0.5) * around.getHeight() / rows);
                if (within.locate(place) == Location.INTERIOR) {
                    places.add(place);
                }
            }
        }
        return places.isEmpty() ? List.of(bed.getInteriorPoint().getCoordinate()) : places;
    }

    /** In how many steps of a day a place has sun, those behind mesh and bare crowns counted in part. */
    private double light(Coordinate place, StandingBed bed, List<SunTrack.Place> sun, List<Caster> all) {
        double z = levels.map(lie -> lie.at(place.x, place.y)).orElse(0.0)
                + bed.revision().height().metres();
        double north = Math.toRadians(plan.site().north());
        return sun.stream()
                .flatMapToDouble(at -> DoubleStream.of(through(
                        place,
                        z,
                        Math.sin(north + at.azimuth()),
                        Math.cos(north + at.azimuth()),
                        Math.tan(at.altitude()),
                        all)))
                .sum();
    }

    private static double through(
            Coordinate place, double z, double dx, double dy, double slope, List<Caster> casters) {
        double light = 1;
        for (Caster caster : casters) {
            if (caster.shade() > 0 && caster.hides(place.x, place.y, z, dx, dy, slope)) {
                light *= 1 - caster.shade();
                if (light <= 0) {
                    return 0;
                }
            }
        }
        return light;
    }
}
