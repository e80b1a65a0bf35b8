package fairacre.measure;

/** A volume in whole millilitres, never negative. */
public record Volume(long millilitres) implements Comparable<Volume> {

    public static final Volume ZERO = new Volume(0);
    private static final double LITRES_PER_CUBIC_FOOT = 28.316846592;

    public Volume {
        if (millilitres < 0) {
            throw new IllegalArgumentException("a volume can't be negative: " + millilitres + " ml");
        }
    }

    public static Volume litres(double litres) {
        return new Volume(Math.round(litres * 1000));
    }

    public static Volume cubicFeet(double cubicFeet) {
        return litres(cubicFeet * LITRES_PER_CUBIC_FOOT);
    }

    /** The prism over an area: area times depth, rounded half up to a millilitre. */
    public static Volume prism(Area base, Length depth) {
        return litres(base.squareMetres() * depth.metres() * 1000);
    }

    public double litres() {
        return millilitres / 1000.0;
    }

    public double cubicMetres() {
        return millilitres / 1e6;
    }

    public double cubicFeet() {
        return litres() / LITRES_PER_CUBIC_FOOT;
    }

    /** 27 cubic feet to the cubic yard. */
    public double cubicYards() {
        return cubicFeet() / 27;
    }

    public Volume plus(Volume other) {
        return new Volume(Math.addExact(millilitres, other.millilitres));
    }

    /** This volume less another; nothing if the other is larger. */
    public Volume lessOrNone(Volume other) {
        return new Volume(Math.max(0, millilitres - other.millilitres));
    }

    @Override
    public int compareTo(Volume other) {
        return Long.compare(millilitres, other.millilitres);
    }
}
