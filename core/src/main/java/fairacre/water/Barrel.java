package fairacre.water;

import fairacre.limits.Limits;
import fairacre.measure.Length;
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
 * A barrel or tank from which water runs by its own weight or by a pump. It is judged as it is when nearly empty: what
 * pushes the water is the height of the outlet, and the pump where there is one.
 *
 * @param height of its outlet above the ground, 0.1 to 10 m
 * @param holds 10 to 100 000 L
 * @param roof that fills it; empty if somebody does
 * @param haul how its water is brought; empty if it is not
 * @param pump that stands at it; empty if water runs by its own weight
 */
public record Barrel(
        UUID id,
        String name,
        Point place,
        Length height,
        Volume holds,
        Optional<Roof> roof,
        Optional<Haul> haul,
        Optional<Pump> pump,
        Gear gear,
        Lifetime lifetime)
        implements WaterSource {

    private static final Length LOWEST = Length.metres(0.1);
    static final Length HIGHEST = Length.metres(10);
    private static final double LEAST_LITRES = 10;
    static final double MOST_LITRES = 100_000;

    public Barrel {
        Limits.present(id, "id");
        name = Limits.name(name, "name");
        Point.near(place, "place");
        Limits.between(height, LOWEST, HIGHEST, "height");
        Limits.between(Limits.present(holds, "holds").litres(), LEAST_LITRES, MOST_LITRES, "holds");
        roof = roof == null ? Optional.empty() : roof;
        haul = haul == null ? Optional.empty() : haul;
        pump = pump == null ? Optional.empty() : pump;
        gear = gear == null ? Gear.NONE : gear;
        lifetime = lifetime == null ? Lifetime.ALWAYS : lifetime;
    }

    @Override
    public SourceCurve curve() {
        return pump.map(Pump::curve).orElse(new SourceCurve(0, OptionalDouble.empty()));
    }

    @Override
    public Barrel withGear(Gear newGear) {
        return new Barrel(id, name, place, height, holds, roof, haul, pump, newGear, lifetime);
    }

    Barrel raised(Length newHeight) {
        return new Barrel(id, name, place, newHeight, holds, roof, haul, pump, gear, lifetime);
    }

    Barrel shifted(Length dx, Length dy) {
        return new Barrel(id, name, place.plus(dx, dy), height, holds, roof, haul, pump, gear, lifetime);
    }

    Barrel holding(Volume newHolds) {
        return new Barrel(id, name, place, height, newHolds, roof, haul, pump, gear, lifetime);
    }

    /** As it stands on the plot: one fetches water from it as from a tap. */
    Feature standing() {
        return Feature.of(id, name, FeatureKind.TAP, List.of(place), Length.ZERO, Length.ZERO)
                .withHeight(height)
                .withLifetime(lifetime);
    }
}
