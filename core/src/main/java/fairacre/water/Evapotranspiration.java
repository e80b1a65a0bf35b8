package fairacre.water;

import java.util.OptionalDouble;

/**
 * How much water short grass that lacks none gives off in a day (reference evapotranspiration), in millimetres, which
 * are litres a square metre. All equations are those of FAO Irrigation and Drainage Paper 56 (Allen and others 1998),
 * by their numbers there.
 *
 * <p>Units: degrees Celsius, kilopascals, metres a second two metres above ground, hours, megajoules a square metre and
 * day; latitude in degrees, south of the equator less than 0.
 */
public final class Evapotranspiration {

    private static final double SOLAR_CONSTANT = 0.0820;
    private static final double STEFAN_BOLTZMANN = 4.903e-9;
    private static final double KELVIN = 273.16;
    private static final double YEAR = 365;
    /** Share of radiation that grass doesn't throw back (equation 38). */
    private static final double TAKEN = 0.77;
    /** What a megajoule a square metre evaporates, millimetres. */
    private static final double EVAPORATED = 0.408;
    /** Metres a second where nobody measured the wind (page 63). */
    private static final double USUAL_WIND = 2;
    /** Of the root of the day's range of temperature, inland (equation 50). */
    private static final double INLAND = 0.16;

    private final Place place;
    private final int day;

    /**
     * Where it is.
     *
     * @param latitude -66 to 66: beyond that the sun doesn't rise or set every day
     * @param height above the sea, metres
     */
    public record Place(double latitude, double height) {
        public Place {
            if (!(Math.abs(latitude) <= 66)) {
                throw new IllegalArgumentException("latitude " + latitude + ": give -66 to 66 degrees");
            }
            if (!(height >= -500 && height <= 6000)) {
                throw new IllegalArgumentException("height " + height + ": give -500 to 6000 m");
            }
        }
    }

    /**
     * The weather of a day, or of a month by its means.
     *
     * @param vapour actual vapour pressure; without it the air is taken to be saturated when it is coldest (equation
     *     48)
     * @param wind without it 2 m/s
     * @param sun hours of sunshine; without it the range of temperature tells (equation 50)
     * @param warming by how much the mean temperature is higher than a month before, 0 of a day (equation 44)
     */
    public record Weather(
            double highest,
            double lowest,
            OptionalDouble vapour,
            OptionalDouble wind,
            OptionalDouble sun,
            double warming) {

        public Weather {
            if (!(highest >= lowest && highest < 60 && lowest > -60)) {
                throw new IllegalArgumentException("temperatures of " + lowest + " to " + highest + " degrees");
            }
        }

        /** What is known of it where only temperatures were read. */
        public static Weather ofTemperatures(double highest, double lowest) {
            return new Weather(
                    highest, lowest, OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty(), 0);
        }

        double mean() {
            return (highest + lowest) / 2;
        }
    }

    private Evapotranspiration(Place place, int day) {
        this.place = place;
        this.day = day;
    }

    /** @param day of the year, 1 to 366; of a month its middle */
    public static Evapotranspiration on(Place place, int day) {
        if (day < 1 || day > 366) {
            throw new IllegalArgumentException("day " + day + " of the year: give 1 to 366");
        }
        return new Evapotranspiration(place, day);
    }

    /** What the sun sends to the top of the air (equation 21). */
    public double radiationAboveTheAir() {
        double sunset = sunset();
        double latitude = Math.toRadians(place.latitude());
        double distance = 1 + 0.033 * Math.cos(2 * Math.PI / YEAR * day);
        return 24
                * 60
                / Math.PI
                * SOLAR_CONSTANT
                * distance
                * (sunset * Math.sin(latitude) * Math.sin(declination())
                        + Math.cos(latitude) * Math.cos(declination()) * Math.sin(sunset));
    }

    /** Hours from sunrise to sunset (equation 34). */
    public double daylight() {
        return 24 / Math.PI * sunset();
    }

    private double declination() {
        return 0.409 * Math.sin(2 * Math.PI / YEAR * day - 1.39);
    }

    /** The hour angle, radians (equation 25). */
    private double sunset() {
        return Math.acos(-Math.tan(Math.toRadians(place.latitude())) * Math.tan(declination()));
    }

    /** By Penman and Monteith (equation 6). */
    public double penmanMonteith(Weather weather) {
        double mean = weather.mean();
        double wind = weather.wind().orElse(USUAL_WIND);
        double saturated = (saturation(weather.highest()) + saturation(weather.lowest())) / 2;
        double slope = 4098 * saturation(mean) / Math.pow(mean + 237.3, 2);
        double psychrometric = 0.665e-3 * 101.3 * Math.pow((293 - 0.0065 * place.height()) / 293, 5.26);
        double energy = EVAPORATED * slope * (netRadiation(weather) - 0.14 * weather.warming());
        double drying = psychrometric * 900 / (mean + 273) * wind * (saturated - vapour(weather));
        return Math.max(0, (energy + drying) / (slope + psychrometric * (1 + 0.34 * wind)));
    }

    /** By Hargreaves, from temperatures alone (equation 52). */
    public double hargreaves(Weather weather) {
        double range = Math.sqrt(weather.highest() - weather.lowest());
        return Math.max(0, 0.0023 * (weather.mean() + 17.8) * range * EVAPORATED * radiationAboveTheAir());
    }

    /** What of the sun's radiation gets to level ground in the open, no more than from a clear sky (equation 37). */
    public double radiation(Weather weather) {
        return Math.min(clearSky(), reaching(weather));
    }

    private double clearSky() {
        return (0.75 + 2e-5 * place.height()) * radiationAboveTheAir();
    }

    private double netRadiation(Weather weather) {
        double clear = clearSky();
        double reaching = radiation(weather);
        double warmth = (Math.pow(weather.highest() + KELVIN, 4) + Math.pow(weather.lowest() + KELVIN, 4)) / 2;
        double sentBack = STEFAN_BOLTZMANN
                * warmth
                * (0.34 - 0.14 * Math.sqrt(vapour(weather)))
                * (1.35 * reaching / clear - 0.35);
        return TAKEN * reaching - sentBack;
    }

    /** Radiation that reaches the ground (equations 35 and 50). */
    private double reaching(Weather weather) {
        return weather.sun().isPresent()
                ? (0.25 + 0.5 * weather.sun().getAsDouble() / daylight()) * radiationAboveTheAir()
                : INLAND * Math.sqrt(weather.highest() - weather.lowest()) * radiationAboveTheAir();
    }

    private static double vapour(Weather weather) {
        return weather.vapour().orElseGet(() -> saturation(weather.lowest()));
    }

    /** Saturation vapour pressure at a temperature (equation 11). */
    static double saturation(double temperature) {
        return 0.6108 * Math.exp(17.27 * temperature / (temperature + 237.3));
    }

    /** Two metres above ground, of what was measured at another height (equation 47). */
    public static double windAtTwoMetres(double wind, double height) {
        return wind * 4.87 / Math.log(67.8 * height - 5.42);
    }
}
