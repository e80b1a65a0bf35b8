package fairacre.water;

import fairacre.plan.Plan;
import fairacre.sun.RadiationSource.MonthRadiation;
import java.time.Month;
import java.time.MonthDay;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

/**
 * How much is to be watered in each month: what vegetables give off, less the rain that stays for them.
 *
 * <p>What grass gives off is reckoned by Penman and Monteith where humidity, wind and sun are known, else by Hargreaves
 * ({@link Evapotranspiration}). Until it is said what grows where, mixed vegetables are taken: the crop coefficient of
 * small vegetables, 0.7 when they are planted, 1.05 in full leaf, 0.95 at the end (FAO-56, table 12, from memory), over
 * 20, 30, 35 and 15 per cent of the growing months (a rough guess). Effective rain is that of the USDA Soil
 * Conservation Service for a store of 3 in (National Engineering Handbook, part 623, chapter 2, from memory).
 */
public final class WaterNeed {

    private static final double INITIAL = 0.7;
    private static final double MIDDLE = 1.05;
    private static final double END = 0.95;
    /** Shares of the growing months: until vegetables spread, until they cover, until they fade. */
    private static final double SPREAD_FROM = 0.2;

    private static final double COVER_FROM = 0.5;
    private static final double FADE_FROM = 0.85;

    private static final double INCH = 25.4;
    private static final double DAYS_A_WEEK = 7;
    private static final int COMMON_YEAR = 2001;
    private static final int MIDDLE_DAY = 15;
    /** Beyond this the sun doesn't rise or set every day, degrees. */
    private static final double FURTHEST_LATITUDE = 66;

    private final Climate climate;
    private final Evapotranspiration.Place place;

    private WaterNeed(Climate climate, Evapotranspiration.Place place) {
        this.climate = climate;
        this.place = place;
    }

    /**
     * January to December; empty nearer to a pole than 66 degrees, where the equations for the sun end.
     *
     * @param latitude degrees
     */
    public static Optional<List<MonthNeed>> of(Climate climate, double latitude) {
        if (Math.abs(latitude) > FURTHEST_LATITUDE) {
            return Optional.empty();
        }
        WaterNeed need = new WaterNeed(
                climate,
                new Evapotranspiration.Place(latitude, climate.elevation().metres()));
        return Optional.of(
                IntStream.rangeClosed(1, Climate.MONTHS).mapToObj(need::month).toList());
    }

    /** By the normals that a plan has; none without, or nearer to a pole than 66 degrees. */
    static List<MonthNeed> of(Plan plan) {
        return plan.list(WaterKinds.CLIMATES).stream()
                .findFirst()
                .flatMap(climate -> of(climate, plan.site().latitude()))
                .orElse(List.of());
    }

    private MonthNeed month(int month) {
        double days = days(month);
        double reference = reference(month);
        double crop = crop(month);
        double use = reference * crop * days;
        double rain = climate.months().get(month - 1).rain();
        double effective = effective(rain, use);
        return new MonthNeed(month, reference, crop, use, rain, effective, (use - effective) / days * DAYS_A_WEEK);
    }

    /** On the mean of common and leap years. */
    static double days(int month) {
        return (3 * Month.of(month).length(false) + Month.of(month).length(true)) / 4.0;
    }

    private double reference(int month) {
        MonthNormals normals = climate.months().get(month - 1);
        Evapotranspiration middle = middle(place, month);
        double before =
                climate.months().get(Math.floorMod(month - 2, Climate.MONTHS)).mean();
        return normals.complete()
                ? middle.penmanMonteith(weather(normals, normals.mean() - before))
                : middle.hargreaves(Evapotranspiration.Weather.ofTemperatures(normals.highest(), normals.lowest()));
    }

    /** What the sun sends to a garden by the normals that a plan has; none where there is no need to be told. */
    static List<MonthRadiation> radiation(Plan plan) {
        double latitude = plan.site().latitude();
        if (Math.abs(latitude) > FURTHEST_LATITUDE) {
            return List.of();
        }
        return plan.list(WaterKinds.CLIMATES).stream()
                .flatMap(climate -> IntStream.range(0, Climate.MONTHS)
                        .mapToObj(i -> radiation(
                                climate.months().get(i),
                                middle(
                                        new Evapotranspiration.Place(
                                                latitude, climate.elevation().metres()),
                                        i + 1))))
                .toList();
    }

    private static MonthRadiation radiation(MonthNormals normals, Evapotranspiration middle) {
        Evapotranspiration.Weather weather = new Evapotranspiration.Weather(
                normals.highest(),
                normals.lowest(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                normals.sun().stream().mapToDouble(hours -> hours).findFirst(),
                0);
        return new MonthRadiation(middle.radiation(weather), middle.radiationAboveTheAir(), middle.daylight());
    }

    private static Evapotranspiration middle(Evapotranspiration.Place place, int month) {
        return Evapotranspiration.on(
                place, MonthDay.of(month, MIDDLE_DAY).atYear(COMMON_YEAR).getDayOfYear());
    }

    /** Vapour pressure from mean humidity by equation 19 of FAO-56. */
    private static Evapotranspiration.Weather weather(MonthNormals normals, double warming) {
        double saturated =
                (Evapotranspiration.saturation(normals.highest()) + Evapotranspiration.saturation(normals.lowest()))
                        / 2;
        return new Evapotranspiration.Weather(
                normals.highest(),
                normals.lowest(),
                OptionalDouble.of(normals.humidity().orElseThrow() / 100 * saturated),
                OptionalDouble.of(normals.wind().orElseThrow()),
                OptionalDouble.of(normals.sun().orElseThrow()),
                warming);
    }

    /** In the middle of a month. */
    private double crop(int month) {
        int since = Math.floorMod(month - climate.firstMonth(), Climate.MONTHS);
        if (since >= climate.growing()) {
            return 0;
        }
        double grown = (since + 0.5) / climate.growing();
        if (grown <= SPREAD_FROM) {
            return INITIAL;
        }
        if (grown <= COVER_FROM) {
            return INITIAL + (MIDDLE - INITIAL) * (grown - SPREAD_FROM) / (COVER_FROM - SPREAD_FROM);
        }
        return grown <= FADE_FROM ? MIDDLE : MIDDLE + (END - MIDDLE) * (grown - FADE_FROM) / (1 - FADE_FROM);
    }

    /** In inches: (0.70917 P^0.82416 - 0.11556) 10^(0.02426 U), no more than fell and no more than is used. */
    static double effective(double rain, double use) {
        double inches = 0.70917 * Math.pow(rain / INCH, 0.82416) - 0.11556;
        double stays = inches * Math.pow(10, 0.02426 * use / INCH) * INCH;
        return Math.max(0, Math.min(stays, Math.min(rain, use)));
    }
}
