package fairacre.sun;

import java.util.List;
import java.util.stream.IntStream;

/**
 * What a bed gets of the light that plants live on in a day, clouds counted: daily light integral, moles of photons a
 * square metre and day. Of all that the normals say reaches open ground a share comes from the whole sky, by Erbs,
 * Klein and Duffie (Solar Energy 28, 1982, for means of months; from memory); the rest comes from where the sun stands,
 * more of it from a high sun, by the sine of its height. Plants use 45 per cent of the energy, 4.57 micromoles of
 * photons to the joule (McCree 1972 and Thimijan and Heins 1983, from memory).
 */
final class LightSum {

    private static final double MOLES = 0.45 * 4.57;
    /** Radians: up to here the formula for short days holds (81.4 degrees). */
    private static final double SHORT_DAY = Math.toRadians(81.4);
    /** Between these the formula was made. */
    private static final double DULLEST = 0.3;

    private static final double CLEAREST = 0.8;
    private static final int RINGS = 8;
    private static final int TO_A_RING = 16;
    private static final int PATCHES = RINGS * TO_A_RING;

    private LightSum() {}

    /**
     * Share of the light that comes from the whole sky.
     *
     * @param clearness what reaches the ground of what there is above the air, 0 to 1
     * @param sunset hour angle at which the sun sets, radians
     */
    static double diffuse(double clearness, double sunset) {
        double clear = Math.max(DULLEST, Math.min(CLEAREST, clearness));
        return sunset <= SHORT_DAY
                ? 1.391 + clear * (-3.560 + clear * (4.189 - clear * 2.137))
                : 1.311 + clear * (-3.022 + clear * (3.427 - clear * 1.821));
    }

    /**
     * Of a bed.
     *
     * @param direct share of the direct light of the day that it has, by the sine of the sun's height, 0 to 1
     * @param sky share of the sky that it sees, as it counts on level ground, 0 to 1
     */
    static double of(RadiationSource.MonthRadiation month, double direct, double sky) {
        double diffuse = diffuse(month.reaching() / month.aboveTheAir(), month.daylight() / 24 * Math.PI);
        return MOLES * month.reaching() * ((1 - diffuse) * direct + diffuse * sky);
    }

    /** Share of the sky that is seen, of what {@link #sky} sends. */
    static double share(Light.Had had) {
        return had.mean() / PATCHES;
    }

    /** Places of the sky that each send as much to level ground: as many to each equal step of the sine squared. */
    static List<SunTrack.Place> sky() {
        return IntStream.range(0, PATCHES)
                .mapToObj(i -> new SunTrack.Place(
                        Math.asin(Math.sqrt((i / TO_A_RING + 0.5) / RINGS)),
                        2 * Math.PI * (i % TO_A_RING + 0.5) / TO_A_RING))
                .toList();
    }
}
