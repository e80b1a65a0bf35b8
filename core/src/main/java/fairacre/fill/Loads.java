package fairacre.fill;

import fairacre.goods.BulkGood;
import fairacre.goods.Vehicle;
import fairacre.measure.Volume;
import java.util.List;

/**
 * How loose soil leaves, or comes.
 *
 * @param barrows of 85 L (3 cu ft)
 * @param trailers small trailer loads by volume and by payload, whichever are more
 * @param skips builders' skips of 4 m3
 * @param vehicles trips of the gardener's own vehicles
 */
public record Loads(long barrows, long trailers, long skips, List<Trips> vehicles) {

    /**
     * How often a vehicle goes.
     *
     * @param byPayload whether its payload and not its bed says so: a full bed would be too heavy
     */
    public record Trips(String vehicle, long trips, boolean byPayload) {}

    /** 3 cu ft (common practice). */
    private static final double BARROW = 0.085;
    /** A small trailer or half-ton pickup carries 500 to 750 kg (common practice); the lower figure. */
    private static final double PAYLOAD = 500;
    /** Loose topsoil when wet, kg to the cubic metre: 1200 to 1600 (from memory); the middle. */
    private static final double WET_SOIL = 1400;
    /** Level load of a small trailer, cubic metres (common practice). */
    private static final double TRAILER = 0.75;
    /** What a common builder's skip of 6 cu yd holds and may carry of soil, cubic metres (common practice). */
    private static final double SKIP = 4;

    /** Of soil that was dug out. */
    public static Loads of(Volume loose) {
        return of(loose, WET_SOIL, List.of());
    }

    /** Of a good as heavy as it is when wet. */
    public static Loads of(Volume loose, BulkGood good, List<Vehicle> vehicles) {
        return of(loose, good.mostDensity(), vehicles);
    }

    private static Loads of(Volume loose, double density, List<Vehicle> vehicles) {
        double cubicMetres = loose.millilitres() / 1e6;
        double trailer = Math.min(TRAILER, PAYLOAD / density);
        return new Loads(
                loads(cubicMetres, BARROW),
                loads(cubicMetres, trailer),
                loads(cubicMetres, SKIP),
                vehicles.stream()
                        .map(vehicle -> trips(cubicMetres, density, vehicle))
                        .toList());
    }

    private static Trips trips(double cubicMetres, double density, Vehicle vehicle) {
        double level = vehicle.bed().cubicMetres();
        double allowed = vehicle.payload() / density;
        return new Trips(vehicle.name(), loads(cubicMetres, Math.min(level, allowed)), allowed < level);
    }

    private static long loads(double volume, double each) {
        return (long) Math.ceil(volume / each - 1e-9);
    }
}
