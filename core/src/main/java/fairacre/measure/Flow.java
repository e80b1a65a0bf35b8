package fairacre.measure;

/** A flow of water in whole millilitres an hour, never negative. */
public record Flow(long millilitresAnHour) implements Comparable<Flow> {

    public static final Flow NONE = new Flow(0);
    /** Of a US gallon (231 cubic inches). */
    /** Of the United States: 231 cubic inches. */
    public static final double LITRES_PER_GALLON = 3.785411784;

    private static final double LITRES_AN_HOUR_PER_SI = 3.6e6;
    private static final int SECONDS_PER_HOUR = 3600;

    public Flow {
        if (millilitresAnHour < 0) {
            throw new IllegalArgumentException("a flow can't be negative: " + millilitresAnHour + " ml/h");
        }
    }

    public static Flow litresAnHour(double litres) {
        return new Flow(Math.round(litres * 1000));
    }

    public static Flow cubicMetresASecond(double flow) {
        return litresAnHour(Math.max(0, flow) * LITRES_AN_HOUR_PER_SI);
    }

    /** What fills a volume in so many seconds, more than 0. */
    public static Flow filling(Volume volume, double seconds) {
        return litresAnHour(volume.litres() * SECONDS_PER_HOUR / seconds);
    }

    public double litresAnHour() {
        return millilitresAnHour / 1000.0;
    }

    public double litresAMinute() {
        return litresAnHour() / 60;
    }

    public double gallonsAMinute() {
        return litresAMinute() / LITRES_PER_GALLON;
    }

    public double cubicMetresASecond() {
        return litresAnHour() / LITRES_AN_HOUR_PER_SI;
    }

    public Flow plus(Flow other) {
        return new Flow(Math.addExact(millilitresAnHour, other.millilitresAnHour));
    }

    @Override
    public int compareTo(Flow other) {
        return Long.compare(millilitresAnHour, other.millilitresAnHour);
    }
}
