package fairacre.sun;

import fairacre.fence.Fence;
import fairacre.fence.FenceKinds;
import fairacre.ground.Levels;
import fairacre.outline.Polygons;
import fairacre.parts.Parts;
import fairacre.plan.Feature;
import fairacre.plan.Plan;
import fairacre.plan.Site;
import fairacre.plan.StandingBed;
import fairacre.shape.Memo;
import fairacre.sun.RadiationSource.MonthRadiation;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.IntConsumer;
import java.util.stream.IntStream;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Location;

/**
 * The sun of a season: {@link #of}, then {@link #hours} of the beds, a {@link #map} of the ground or a {@link #day}.
 */
public final class SunStudy {

    /** Places in a bed are so far apart, metres. */
    private static final double GRID = 0.25;
    /** Places on open ground are so far apart, or further where that would be too many, metres. */
    private static final double CELL = 0.5;

    private static final double MOST_CELLS = 4000;
    private static final double FEWEST_CELLS = 100;
    /** Places by casters by days that are looked at within two seconds, by the benchmark. */
    private static final double AT_ONCE = 600_000;

    /** What takes less of a bed is not told, hours a day. */
    private static final double LITTLE = 0.05;

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private final Plan plan;
    private final int season;
    private final List<StandingBed> standing;
    private final Optional<Levels> levels;
    private final Casters casters;
    private final SunYear year;
    private final Sky sky;
    private final List<MonthRadiation> radiation;
    private final Memo memo;

    private SunStudy(Plan plan, int season, Memo memo) {
        this.plan = plan;
        this.season = season;
        this.memo = memo;
        this.standing = plan.standing(season);
        this.levels = Levels.of(plan.site().levels(), memo);
        this.casters = new Casters(plan, season, standing, levels);
        this.year = new SunYear(plan.site().latitude());
        this.sky = SunKinds.sky(plan).orElse(Sky.OPEN);
        this.radiation = Parts.bringing(RadiationSource.class).stream()
                .flatMap(source -> source.radiation(plan).stream())
                .toList();
    }

    public static SunStudy of(Plan plan, int season) {
        return of(plan, season, Memo.none());
    }

    /** @param memo of what was found of the same beds behind the same things before */
    public static SunStudy of(Plan plan, int season, Memo memo) {
        return new SunStudy(plan, season, memo);
    }

    /** All that the hours of the beds depend on. */
    private record Asked(
            boolean all,
            int season,
            Site site,
            List<Feature> features,
            List<Fence> fences,
            List<ShadeSource.Shade> inLeaf,
            List<ShadeSource.Shade> bare,
            List<StandingBed> standing,
            Sky sky,
            List<MonthRadiation> radiation) {}

    /** On the middle day of each half-month. */
    public SunHours hours() {
        return memo.recall(asked(true), () -> counted(days()));
    }

    /** The same in the growing months alone, which takes half the time. */
    public SunHours growing() {
        return memo.recall(
                asked(false),
                () -> counted(days().stream().filter(year::isGrowing).toList()));
    }

    private Asked asked(boolean all) {
        return new Asked(
                all,
                season,
                plan.site(),
                plan.setting(season).features(),
                FenceKinds.fences(plan, season),
                casters.shades(false),
                casters.shades(true),
                standing,
                sky,
                radiation);
    }

    private SunHours counted(List<LocalDate> days) {
        List<SunDay> sunny = days.stream().map(this::sunDay).toList();
        List<BedLight.Bed> beds = standing.stream()
                .sorted(Comparator.comparing(StandingBed::id))
                .map(bed -> new BedLight.Bed(bed, soil(bed)))
                .toList();
        List<SunTrack.Place> patches = radiation.isEmpty() ? List.of() : visible(LightSum.sky());
        List<BedLight.BedHad> had = new BedLight(plan.site(), sky, levels, casters, sunny, patches, memo).of(beds);
        return new SunHours(
                days,
                sunny.stream().map(day -> hours(day.track().size())).toList(),
                Exposure.FULL_SUN.least(),
                radiation.isEmpty()
                        ? List.of()
                        : days.stream()
                                .map(day -> LightSum.of(radiation(day), 1, 1))
                                .toList(),
                IntStream.range(0, beds.size())
                        .mapToObj(i -> bedSun(beds.get(i).standing().id(), sunny, had.get(i)))
                        .toList(),
                casters.unknown());
    }

    private MonthRadiation radiation(LocalDate day) {
        return radiation.get(day.getMonthValue() - 1);
    }

    private SunDay sunDay(LocalDate date) {
        List<SunTrack.Place> track = track(date);
        return new SunDay(date, track, visible(track), year.isBare(date));
    }

    private List<SunTrack.Place> visible(List<SunTrack.Place> places) {
        return places.stream().filter(place -> !isHidden(place)).toList();
    }

    private List<LocalDate> days() {
        return SunYear.days(season);
    }

    private Light light(List<Light.Group> groups) {
        return new Light(groups, Math.toRadians(plan.site().north()), levels);
    }

    private List<Light.Had> on(LocalDate day, Light light) {
        return light.on(visible(track(day)), casters.all(year.isBare(day)));
    }

    private List<SunTrack.Place> track(LocalDate day) {
        return SunTrack.of(day, plan.site().latitude());
    }

    private boolean isHidden(SunTrack.Place sun) {
        return sun.altitude() < sky.horizonAt(sun.azimuth());
    }

    static double hours(double steps) {
        return steps * SunTrack.MINUTES / 60;
    }

    private SunHours.BedSun bedSun(UUID bed, List<SunDay> days, BedLight.BedHad bedHad) {
        List<Light.Had> had = bedHad.days();
        int[] growingDays = IntStream.range(0, days.size())
                .filter(i -> year.isGrowing(days.get(i).date()))
                .toArray();
        List<Light.Had> growing = IntStream.of(growingDays).mapToObj(had::get).toList();
        double mean =
                hours(growing.stream().mapToDouble(Light.Had::mean).average().orElseThrow());
        List<Double> light = light(days, bedHad);
        Map<UUID, Double> taken = new HashMap<>();
        growing.forEach(day ->
                day.taken().forEach((thing, steps) -> taken.merge(thing, hours(steps) / growing.size(), Double::sum)));
        return new SunHours.BedSun(
                bed,
                had.stream().map(day -> hours(day.mean())).toList(),
                had.stream().map(day -> hours(day.least())).toList(),
                mean,
                Exposure.of(mean).label(),
                light,
                light.isEmpty()
                        ? Optional.empty()
                        : Optional.of(IntStream.of(growingDays)
                                .mapToDouble(light::get)
                                .average()
                                .orElseThrow()),
                taken.entrySet().stream()
                        .filter(each -> each.getValue() >= LITTLE)
                        .map(each -> new SunHours.Taker(each.getKey(), each.getValue()))
                        .sorted(Comparator.comparingDouble(SunHours.Taker::hours)
                                .reversed()
                                .thenComparing(SunHours.Taker::thing))
                        .toList());
    }

    private List<Double> light(List<SunDay> days, BedLight.BedHad had) {
        return radiation.isEmpty()
                ? List.of()
                : IntStream.range(0, days.size())
                        .mapToObj(i -> LightSum.of(
                                radiation(days.get(i).date()),
                                had.days().get(i).meanOnTheLevel() / days.get(i).onTheLevel(),
                                had.sky(days.get(i).bare())))
                        .toList();
    }

    private Light.Group soil(StandingBed bed) {
        return Light.Group.of(
                Optional.of(bed.id()),
                soilPlaces(Polygons.of(bed.corners())).stream()
                        .map(place -> at(place, bed.revision().height().metres()))
                        .toList());
    }

    /** Places by which the light on a piece of soil is told; one at least. */
    static List<Coordinate> soilPlaces(Geometry soil) {
        List<Coordinate> places = places(soil, GRID);
        return places.isEmpty() ? List.of(soil.getInteriorPoint().getCoordinate()) : places;
    }

    private Coordinate at(Coordinate place, double above) {
        return new Coordinate(
                place.x, place.y, levels.map(lie -> lie.at(place.x, place.y)).orElse(0.0) + above);
    }

    /** The middles of the squares of a grid that lie in an area. */
    private static List<Coordinate> places(Geometry area, double apart) {
        Envelope around = area.getEnvelopeInternal();
        IndexedPointInAreaLocator within = new IndexedPointInAreaLocator(area);
        List<Coordinate> places = new ArrayList<>();
        int columns = (int) Math.ceil(around.getWidth() / apart);
        int rows = (int) Math.ceil(around.getHeight() / apart);
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
        return places;
    }

    /**
     * The sun on the ground, where beds could go, and on the soil of those that stand; as finely as it is worked out
     * within some two seconds of one core.
     *
     * @param day empty for the mean of the growing months
     */
    public SunMap quickMap(Optional<LocalDate> day) {
        Geometry ground = plan.site().ground();
        double work = mapDays(day).size() * Math.max(1.0, casters.all(false).size());
        double cells = Math.max(FEWEST_CELLS, AT_ONCE / work);
        double apart = Math.max(apart(ground), Math.sqrt(ground.getArea() / cells));
        return map(mapDays(day), ground, apart, apart > apart(ground), done -> {});
    }

    /**
     * The same as finely as it is told at all.
     *
     * @param done told how many of {@link #mapDays} are done
     */
    public SunMap map(Optional<LocalDate> day, IntConsumer done) {
        Geometry ground = plan.site().ground();
        return map(mapDays(day), ground, apart(ground), false, done);
    }

    /** Of a part of the plot, the mean of the growing months. */
    public SunMap map(Geometry ground) {
        return map(mapDays(Optional.empty()), ground, apart(ground), false, done -> {});
    }

    private static double apart(Geometry ground) {
        return Math.max(CELL, Math.sqrt(ground.getArea() / MOST_CELLS));
    }

    /** The days whose sun a map shows, by their mean. */
    public List<LocalDate> mapDays(Optional<LocalDate> day) {
        return day.map(List::of)
                .orElseGet(() -> days().stream().filter(year::isGrowing).toList());
    }

    private SunMap map(List<LocalDate> days, Geometry ground, double apart, boolean coarse, IntConsumer done) {
        List<Light.Group> places = places(ground, apart).stream()
                .filter(casters::isOpen)
                .map(this::surface)
                .toList();
        Light light = light(places);
        double[] steps = new double[places.size()];
        double up = 0;
        for (int day = 0; day < days.size(); day++) {
            memo.goOn();
            List<Light.Had> had = on(days.get(day), light);
            up += track(days.get(day)).size();
            for (int i = 0; i < steps.length; i++) {
                steps[i] += had.get(i).mean();
            }
            done.accept(day + 1);
        }
        return SunMap.of(
                apart,
                hours(up / days.size()),
                coarse,
                IntStream.range(0, steps.length)
                        .mapToObj(i -> {
                            double hours = hours(steps[i] / days.size());
                            Coordinate middle = places.get(i).places().get(0);
                            return new SunMap.Cell(middle.x, middle.y, hours, Exposure.of(hours));
                        })
                        .toList());
    }

    /** The soil of a bed, or the ground where none stands. */
    private Light.Group surface(Coordinate place) {
        Geometry spot = GEOMETRY.createPoint(place);
        return standing.stream()
                .filter(bed -> Polygons.of(bed.corners()).covers(spot))
                .findFirst()
                .map(bed -> Light.Group.of(
                        Optional.of(bed.id()),
                        List.of(at(place, bed.revision().height().metres()))))
                .orElseGet(() -> Light.Group.of(Optional.empty(), List.of(at(place, 0))));
    }

    /** The shadows of a day, every half-hour. */
    public DaySun day(LocalDate day) {
        List<Caster> all = new ArrayList<>(casters.all(year.isBare(day)));
        all.addAll(StandStudy.tall(StandStudy.stands(plan, season, List.of(day)).toList(), 0, levels));
        Shadows shadows = new Shadows(all, Math.toRadians(plan.site().north()), levels);
        return new DaySun(
                day,
                SunTrack.halfHours(day, plan.site().latitude()).stream()
                        .map(at -> new DaySun.Moment(
                                at.minute(),
                                clock(day, at.minute()),
                                Math.toDegrees(at.place().altitude()),
                                Math.toDegrees(at.place().azimuth()),
                                isHidden(at.place()),
                                isHidden(at.place()) ? List.of() : shadows.at(at.place())))
                        .toList());
    }

    private Optional<Integer> clock(LocalDate day, int minute) {
        return sky.zone().flatMap(zone -> plan.site().longitude().map(east -> SunTrack.clock(day, minute, east, zone)));
    }
}
