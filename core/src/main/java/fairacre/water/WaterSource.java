package fairacre.water;

import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.Lifetime;
import java.util.UUID;

/** Where water comes from: a tap or a barrel. */
public sealed interface WaterSource permits Tap, Barrel {

    UUID id();

    String name();

    Point place();

    /** Of its outlet above the ground. */
    Length height();

    Gear gear();

    Lifetime lifetime();

    SourceCurve curve();

    WaterSource withGear(Gear newGear);
}
