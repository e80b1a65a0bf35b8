package fairacre.sun;

import fairacre.ground.Levels;
import fairacre.parts.Parts;
import fairacre.plan.Plan;
import fairacre.plan.Setting;
import fairacre.plan.StandingBed;
import fairacre.shape.Memo;
import fairacre.sun.StandSource.Stand;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;

/**
 * The sun on the tops of what grows in beds: what stands on the plot shades it, and so do taller plants, half-month by
 * half-month as all of them grow.
 */
public final class StandStudy {

    /** Plants in leaf take so much of the light (a rough guess). */
    private static final double SHARE = 0.7;
    /** Lower plants are no hindrance to others, metres. */
    private static final double LOW = 0.3;

    private final Plan plan;
    private final SunYear year;
    private final Optional<Levels> levels;
    private final Casters casters;
    private final Sky sky;
    private final List<LocalDate> days;
    private final List<Stand> stands;
    private final Memo memo;

    private StandStudy(Plan plan, int season, Memo memo) {
        this.plan = plan;
        this.memo = memo;
        this.year = new SunYear(plan.site().latitude());
        List<StandingBed> standing = plan.standing(season);
        this.levels = Levels.of(plan.site().levels(), memo);
        this.casters = new Casters(plan, season, standing, levels);
        this.sky = SunKinds.sky(plan).orElse(Sky.OPEN);
        this.days = SunYear.days(season).stream()
                .map(day -> Plan.season(day, plan.yearBegins()) == season ? day : day.plusYears(1))
                .toList();
        this.stands = stands(plan, season, days).toList();
    }

    static Stream<Stand> stands(Plan plan, int season, List<LocalDate> days) {
        return Parts.bringing(StandSource.class).stream().flatMap(source -> source.stands(plan, season, days));
    }

    /**
     * Of plants that stand together.
     *
     * @param hours of direct sun a day on their tops, the mean of the growing months in which they are there, or of all
     *     days on which they are
     * @param taken by taller plants, most first
     */
    public record StandSun(UUID thing, double hours, List<SunHours.Taker> taken) {
        public StandSun {
            taken = List.copyOf(taken);
        }
    }

    /** All that the sun of the stands depends on. */
    private record Asked(
            Setting setting,
            List<ShadeSource.Shade> inLeaf,
            List<ShadeSource.Shade> bare,
            Sky sky,
            List<LocalDate> days,
            List<Stand> stands) {}

    /** Of all that grows in a season. */
    public static List<StandSun> of(Plan plan, int season, Memo memo) {
        StandStudy study = new StandStudy(plan, season, memo);
        return memo.recall(
                new Asked(
                        plan.setting(season),
                        study.casters.shades(false),
                        study.casters.shades(true),
                        study.sky,
                        study.days,
                        study.stands),
                study::suns);
    }

    private List<StandSun> suns() {
        Map<UUID, List<Light.Had>> had = new HashMap<>();
        for (int day = 0; day < days.size(); day++) {
            memo.goOn();
            follow(day, had);
        }
        return stands.stream()
                .map(Stand::thing)
                .distinct()
                .filter(had::containsKey)
                .map(thing -> sun(thing, had.get(thing)))
                .toList();
    }

    /** On a day, of those that count on it. */
    private void follow(int day, Map<UUID, List<Light.Had>> had) {
        List<Stand> there = stands.stream().filter(stand -> counts(stand, day)).toList();
        if (there.isEmpty()) {
            return;
        }
        LocalDate date = days.get(day);
        List<Caster> all = new ArrayList<>(casters.all(year.isBare(date)));
        all.addAll(tall(stands, day, levels));
        List<SunTrack.Place> seen = SunTrack.of(date, plan.site().latitude()).stream()
                .filter(sun -> sun.altitude() >= sky.horizonAt(sun.azimuth()))
                .toList();
        Light light = new Light(
                there.stream().map(stand -> tops(stand, day)).toList(),
                Math.toRadians(plan.site().north()),
                levels);
        List<Light.Had> today = light.on(seen, all);
        for (int i = 0; i < there.size(); i++) {
            had.computeIfAbsent(there.get(i).thing(), unknown -> new ArrayList<>())
                    .add(today.get(i));
        }
    }

    private boolean counts(Stand stand, int day) {
        boolean growsInSummer = IntStream.range(0, days.size())
                .anyMatch(i -> stand.heights().get(i) > 0 && year.isGrowing(days.get(i)));
        return stand.heights().get(day) > 0 && (!growsInSummer || year.isGrowing(days.get(day)));
    }

    /** What is high enough on a day to shade others. */
    static List<Caster> tall(List<Stand> stands, int day, Optional<Levels> levels) {
        return stands.stream()
                .filter(stand ->
                        stand.heights().get(day) >= LOW && !stand.soil().isEmpty())
                .map(stand -> {
                    double base = base(stand, levels);
                    return Caster.of(
                            stand.thing(),
                            stand.soil().getExteriorRing().getCoordinates(),
                            base,
                            base,
                            base + stand.heights().get(day),
                            SHARE);
                })
                .toList();
    }

    private static double base(Stand stand, Optional<Levels> levels) {
        Coordinate middle = stand.soil().getInteriorPoint().getCoordinate();
        return levels.map(lie -> lie.at(middle.x, middle.y)).orElse(0.0) + stand.base();
    }

    private Light.Group tops(Stand stand, int day) {
        double height = base(stand, levels) + stand.heights().get(day);
        List<Coordinate> places = SunStudy.soilPlaces(stand.soil());
        return Light.Group.of(
                Optional.of(stand.thing()),
                places.stream()
                        .map(place -> new Coordinate(place.x, place.y, height))
                        .toList());
    }

    private StandSun sun(UUID thing, List<Light.Had> had) {
        Map<UUID, Double> taken = new HashMap<>();
        had.forEach(day -> day.taken().forEach((other, steps) -> {
            if (stands.stream().anyMatch(stand -> stand.thing().equals(other))) {
                taken.merge(other, SunStudy.hours(steps) / had.size(), Double::sum);
            }
        }));
        return new StandSun(
                thing,
                SunStudy.hours(
                        had.stream().mapToDouble(Light.Had::mean).average().orElseThrow()),
                taken.entrySet().stream()
                        .map(each -> new SunHours.Taker(each.getKey(), each.getValue()))
                        .sorted(Comparator.comparingDouble(SunHours.Taker::hours)
                                .reversed()
                                .thenComparing(SunHours.Taker::thing))
                        .toList());
    }
}
