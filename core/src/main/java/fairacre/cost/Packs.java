package fairacre.cost;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** What is sold in whole units only. */
final class Packs {

    /** Out of rounding to a square centimetre or a micrometre no further unit is bought. */
    static final double ROUNDING = 1e-4;
    private static final int DECIMALS = 3;

    private Packs() {}

    static BigDecimal whole(double units) {
        return BigDecimal.valueOf((long) Math.ceil(units - ROUNDING));
    }

    /** How much of the units is used, to a thousandth. */
    static BigDecimal used(double units) {
        return BigDecimal.valueOf(units).setScale(DECIMALS, RoundingMode.HALF_UP).stripTrailingZeros();
    }
}
