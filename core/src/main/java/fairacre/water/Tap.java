package fairacre.water;

import fairacre.limits.Limits;
import fairacre.measure.Flow;
import fairacre.measure.Length;
import fairacre.measure.Pressure;
import fairacre.measure.Volume;
import fairacre.outline.Point;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Lifetime;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;

/**
 * A tap, measured by bucket and watch, and by a gauge where there is one.
 *
 * @param height of the tap above the ground, 0 to 3 m
 * @param bucket what was filled with the tap wide open, 1 to 1000 L
 * @param seconds that this took, 1 to 3600
 * @param closed what a gauge tells while nothing is drawn, 20 to 1500 kPa; empty if there is no gauge
 * @param flowing a second reading, while something is drawn; empty if none was taken
 * @param evening what a gauge tells closed while the house and the neighbours draw too, no more than {@code closed};
 *     empty if nobody looked
 */
public record Tap(
        UUID id,
        String name,
        Point place,
        Length height,
        Volume bucket,
        double seconds,
        Optional<Pressure> closed,
        Optional<TapReading> flowing,
        Optional<Pressure> evening,
        Gear gear,
        Lifetime lifetime)
        implements WaterSource {

    /** What a tap has that nobody measured: 275 kPa (40 psi), the low end of what is usual (common practice). */
    public static final Pressure USUAL_PRESSURE = Pressure.kilopascals(275);

    private static final Length HIGHEST = Length.metres(3);
    private static final double LONGEST = 3600;
    private static final double MOST_LITRES = 1000;
    private static final Pressure LEAST = Pressure.kilopascals(20);
    private static final Pressure MOST = Pressure.kilopascals(1500);

    /**
     * A reading with the tap half open.
     *
     * @param seconds in which the same bucket is full, no fewer than with the tap wide open
     * @param pressure what the gauge tells meanwhile, less than closed
     */
    public record TapReading(double seconds, Pressure pressure) {

        public TapReading {
            Limits.between(seconds, 1, LONGEST, "seconds");
            Limits.present(pressure, "pressure");
        }
    }

    public Tap {
        Limits.present(id, "id");
        name = Limits.name(name, "name");
        Point.near(place, "place");
        Limits.between(height, Length.ZERO, HIGHEST, "height");
        Limits.between(Limits.present(bucket, "bucket").litres(), 1, MOST_LITRES, "bucket");
        Limits.between(seconds, 1, LONGEST, "seconds");
        closed = closed == null ? Optional.empty() : closed;
        closed.ifPresent(pressure -> Gear.between(pressure, LEAST, MOST, "closed"));
        flowing = flowing == null ? Optional.empty() : flowing;
        double wideOpen = seconds;
        flowing.ifPresent(reading -> Limits.between(reading.seconds(), wideOpen, LONGEST, "flowing/seconds"));
        Pressure most = closed.orElse(USUAL_PRESSURE);
        flowing.ifPresent(reading -> Limits.between(
                reading.pressure().kilopascals(), 0, most.kilopascals() * MOST_SHARE, "flowing/pressure"));
        evening = evening == null ? Optional.empty() : evening;
        evening.ifPresent(pressure -> Gear.between(pressure, LEAST, most, "evening"));
        gear = gear == null ? Gear.NONE : gear;
        lifetime = lifetime == null ? Lifetime.ALWAYS : lifetime;
    }

    /** Nearer to the pressure that is closed a reading says nothing of the flow. */
    private static final double MOST_SHARE = 0.99;

    /** What bucket and watch tell: the flow at no pressure. */
    public Flow measured() {
        return Flow.filling(bucket, seconds);
    }

    /**
     * A parabola through the pressure closed and the flow wide open; through the second reading instead, where there is
     * one.
     */
    @Override
    public SourceCurve curve() {
        double head = closed.orElse(USUAL_PRESSURE).headMetres();
        double open = flowing.map(
                        reading -> Flow.filling(bucket, reading.seconds()).cubicMetresASecond()
                                / Math.sqrt(1 - reading.pressure().headMetres() / head))
                .orElse(measured().cubicMetresASecond());
        return new SourceCurve(head, OptionalDouble.of(open));
    }

    /** In the evening: less pressure, and as much less flow as goes by its root. */
    Optional<SourceCurve> eveningCurve() {
        SourceCurve day = curve();
        return evening.map(pressure -> new SourceCurve(
                pressure.headMetres(),
                OptionalDouble.of(day.open().orElseThrow() * Math.sqrt(pressure.headMetres() / day.closed()))));
    }

    @Override
    public Tap withGear(Gear newGear) {
        return new Tap(id, name, place, height, bucket, seconds, closed, flowing, evening, newGear, lifetime);
    }

    Tap shifted(Length dx, Length dy) {
        return new Tap(id, name, place.plus(dx, dy), height, bucket, seconds, closed, flowing, evening, gear, lifetime);
    }

    /** As it stands on the plot. */
    Feature standing() {
        return Feature.of(id, name, FeatureKind.TAP, List.of(place), Length.ZERO, Length.ZERO)
                .withHeight(height)
                .withLifetime(lifetime);
    }
}
