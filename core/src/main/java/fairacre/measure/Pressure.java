package fairacre.measure;

/** A pressure above that of the air in whole pascals, never negative. */
public record Pressure(long pascals) implements Comparable<Pressure> {

    public static final Pressure NONE = new Pressure(0);
    private static final double PASCALS_PER_PSI = 6894.757293168;
    /** Of a metre of water at 20 degrees: 998.2 kg/m3 (IAPWS 2008) under standard gravity. */
    private static final double PASCALS_PER_METRE = 998.2 * 9.80665;

    public Pressure {
        if (pascals < 0) {
            throw new IllegalArgumentException("a pressure can't be negative: " + pascals + " Pa");
        }
    }

    public static Pressure kilopascals(double kilopascals) {
        return new Pressure(Math.round(kilopascals * 1000));
    }

    public static Pressure psi(double psi) {
        return new Pressure(Math.round(psi * PASCALS_PER_PSI));
    }

    /** Under a column of water; nothing where the column is negative. */
    public static Pressure head(double metres) {
        return new Pressure(Math.max(0, Math.round(metres * PASCALS_PER_METRE)));
    }

    public double kilopascals() {
        return pascals / 1000.0;
    }

    public double psi() {
        return pascals / PASCALS_PER_PSI;
    }

    /** The column of water that weighs as much, metres. */
    public double headMetres() {
        return pascals / PASCALS_PER_METRE;
    }

    @Override
    public int compareTo(Pressure other) {
        return Long.compare(pascals, other.pascals);
    }
}
