package fairacre.bill;

import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.measure.Units;
import java.math.BigDecimal;
import java.math.RoundingMode;

/** What is sold in whole units only. */
public final class Packs {

    /** Out of rounding to a square centimetre or a micrometre no further unit is bought. */
    public static final double ROUNDING = 1e-4;

    private static final int DECIMALS = 3;
    private static final double HUNDRED = 100;
    private static final int INCHES_PER_FOOT = 12;

    private Packs() {}

    /** In metres or feet, as such things are sold where one measures so. */
    public static double of(Length length, Units units) {
        return units == Units.METRIC ? length.metres() : length.inches() / INCHES_PER_FOOT;
    }

    /**
     * In square metres or square feet, to a hundredth: areas are known to a square centimetre, and sums of them to a
     * few.
     */
    public static double of(Area area, Units units) {
        return Math.round((units == Units.METRIC ? area.squareMetres() : area.squareFeet()) * HUNDRED) / HUNDRED;
    }

    public static BigDecimal whole(double units) {
        return BigDecimal.valueOf((long) Math.ceil(units - ROUNDING));
    }

    /** How much of the units is used, to a thousandth. */
    public static BigDecimal used(double units) {
        return BigDecimal.valueOf(units)
                .setScale(DECIMALS, RoundingMode.HALF_UP)
                .stripTrailingZeros();
    }
}
