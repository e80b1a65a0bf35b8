package fairacre.measure;

/** An area in whole square centimetres, never negative: the precision to which studies state their results. */
public record Area(long squareCentimetres) implements Comparable<Area> {

    public static final Area ZERO = new Area(0);
    private static final double SQUARE_METRES_PER_SQUARE_FOOT = 0.3048 * 0.3048;

    public Area {
        if (squareCentimetres < 0) {
            throw new IllegalArgumentException("an area can't be negative: " + squareCentimetres + " cm2");
        }
    }

    /** Square metres rounded half up to a square centimetre; a rounding residue below zero counts as zero. */
    public static Area squareMetres(double squareMetres) {
        return new Area(Math.max(0, Math.round(squareMetres * 10_000)));
    }

    public double squareMetres() {
        return squareCentimetres / 10_000.0;
    }

    public double squareFeet() {
        return squareMetres() / SQUARE_METRES_PER_SQUARE_FOOT;
    }

    public Area plus(Area other) {
        return new Area(Math.addExact(squareCentimetres, other.squareCentimetres));
    }

    /** @throws IllegalArgumentException if the other is larger */
    public Area minus(Area other) {
        return new Area(squareCentimetres - other.squareCentimetres);
    }

    /** This area less another; nothing if the other is larger. */
    public Area lessOrNone(Area other) {
        return new Area(Math.max(0, squareCentimetres - other.squareCentimetres));
    }

    public boolean isZero() {
        return squareCentimetres == 0;
    }

    /** This area as a share of another, 0 to 1; zero of nothing is zero. */
    public double shareOf(Area whole) {
        return whole.isZero() ? 0 : (double) squareCentimetres / whole.squareCentimetres;
    }

    @Override
    public int compareTo(Area other) {
        return Long.compare(squareCentimetres, other.squareCentimetres);
    }
}
