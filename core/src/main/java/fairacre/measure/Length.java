package fairacre.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * A length in whole micrometres. May be negative (a difference); a size that has to be positive is checked where it is
 * used. Arithmetic that leaves the range of a {@code long} throws {@link ArithmeticException}.
 *
 * <p>One inch is exactly 25 400 micrometres. A sixteenth of an inch (1 587.5) is rounded half up to 1 588.
 */
public record Length(long micrometres) implements Comparable<Length> {

    public static final Length ZERO = new Length(0);
    private static final long PER_INCH = 25_400;
    private static final long PER_METRE = 1_000_000;

    /** Inches, rounded half up to a micrometre: {@code inches(5.5)} is 139 700 micrometres. */
    public static Length inches(double inches) {
        return new Length(Math.round(inches * PER_INCH));
    }

    public static Length feet(double feet) {
        return inches(feet * 12);
    }

    public static Length millimetres(double millimetres) {
        return new Length(Math.round(millimetres * 1000));
    }

    /**
     * Metres, rounded half up to a micrometre.
     *
     * @throws IllegalArgumentException if {@code metres} is not a finite number
     */
    public static Length metres(double metres) {
        if (!Double.isFinite(metres)) {
            throw new IllegalArgumentException("not a length: " + metres);
        }
        return new Length(Math.round(metres * PER_METRE));
    }

    public double metres() {
        return (double) micrometres / PER_METRE;
    }

    public double inches() {
        return (double) micrometres / PER_INCH;
    }

    public double millimetres() {
        return micrometres / 1000.0;
    }

    /** Exact metres, six decimals, trailing zeros stripped: 42 in is {@code 1.0668}. */
    public BigDecimal exactMetres() {
        BigDecimal exact = BigDecimal.valueOf(micrometres, 6).stripTrailingZeros();
        return exact.scale() < 0 ? exact.setScale(0, RoundingMode.UNNECESSARY) : exact;
    }

    public Length plus(Length other) {
        return new Length(Math.addExact(micrometres, other.micrometres));
    }

    public Length minus(Length other) {
        return new Length(Math.subtractExact(micrometres, other.micrometres));
    }

    public Length times(long factor) {
        return new Length(Math.multiplyExact(micrometres, factor));
    }

    /** Half of this length, rounded towards negative infinity to a micrometre. */
    public Length abs() {
        return new Length(Math.abs(micrometres));
    }

    public Length half() {
        return new Length(Math.floorDiv(micrometres, 2));
    }

    public boolean isPositive() {
        return micrometres > 0;
    }

    public static Length max(Length a, Length b) {
        return a.micrometres >= b.micrometres ? a : b;
    }

    public static Length min(Length a, Length b) {
        return a.micrometres <= b.micrometres ? a : b;
    }

    @Override
    public int compareTo(Length other) {
        return Long.compare(micrometres, other.micrometres);
    }

    /** Asked for at every step of a judgement. */
    @Override
    public int hashCode() {
        return Long.hashCode(micrometres);
    }
}
