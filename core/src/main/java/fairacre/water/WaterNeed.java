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
 * How much is to be watered in each month: what grows there gives off, less the rain that stays for it.
 *
 * <p>What grass gives off is reckoned by Penman and Monteith where humidity, wind and sun are known, else by Hargreaves
 * ({@link Evapotranspiration}). What grows there uses more or less of it ({@link BedNeeds}, {@link CropCoefficient}).
 * Effective rain is that of the USDA Soil Conservation Service for a store of 3 in (National Engineering Handbook, part
 * 623, chapter 2, from memory).
 */
public final class WaterNeed {

    private static final double INCH = 25.4;
    private static final double DAYS_A_WEEK = 7;
    private static final int COMMON_YEAR = 2001;
    private static final int MIDDLE_DAY = 15;
    /** Beyond this the sun doesn't rise or set every day, degrees. */
    private static final double FURTHEST_LATITUDE = 66;

    private final Climate climate;
    private final Evapotranspiration.Place place;
    private final List<Double> references;

    private WaterNeed(Climate climate, Evapotranspiration.Place place) {
        this.climate = climate;
        this.place = place;
        this.references = IntStream.rangeClosed(1, Climate.MONTHS)
                .mapToObj(this::reference)
                .toList();
    }

    /**
     * Of mixed vegetables, January to December; empty nearer to a pole than 66 degrees, where the equations for the sun
     * end.
     *
     * @param latitude degrees
     */
    public static Optional<List<MonthNeed>> of(Climate climate, double latitude) {
        return in(climate, latitude).map(WaterNeed::mixed);
    }

    /** Empty nearer to a pole than 66 degrees. */
    static Optional<WaterNeed> in(Climate climate, double latitude) {
        return Optional.of(climate)
                .filter(known -> Math.abs(latitude) <= FURTHEST_LATITUDE)
                .map(known -> new WaterNeed(
                        known,
                        new Evapotranspiration.Place(latitude, known.elevation().metres())));
    }

    /** Of mixed vegetables, all over the growing months; January to December. */
    List<MonthNeed> mixed() {
        return IntStream.rangeClosed(1, Climate.MONTHS)
                .mapToObj(month -> month(month, mixed(month), days(month), 1))
                .toList();
    }

    /** In the middle of a month. */
    private double mixed(int month) {
        int since = Math.floorMod(month - climate.firstMonth(), Climate.MONTHS);
        return since >= climate.growing() ? 0 : CropCoefficient.MIXED.at((since + 0.5) / climate.growing());
    }

    /**
     * @param month 1 to 12
     * @param crop what is used of the reference on a day on which something grows
     * @param growing days on which something grows
     * @param open share of the rain that reaches the bed, 0 to 1
     */
    MonthNeed month(int month, double crop, double growing, double open) {
        double days = days(month);
        double reference = references.get(month - 1);
        double use = reference * crop * days;
        double rain = open * climate.months().get(month - 1).rain();
        double effective = effective(rain, use);
        return new MonthNeed(
                month, reference, crop, use, rain, effective, (use - effective) / days * DAYS_A_WEEK, growing);
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

    /** In inches: (0.70917 P^0.82416 - 0.11556) 10^(0.02426 U), no more than fell and no more than is used. */
    static double effective(double rain, double use) {
        double inches = 0.70917 * Math.pow(rain / INCH, 0.82416) - 0.11556;
        double stays = inches * Math.pow(10, 0.02426 * use / INCH) * INCH;
        return Math.max(0, Math.min(stays, Math.min(rain, use)));
    }
}
