package fairacre.walk;

import fairacre.measure.Length;
import fairacre.shape.Areas;
import fairacre.shape.Curves;
import fairacre.shape.Ring;
import java.util.List;
import java.util.UUID;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferParameters;

/** What a carrier gets to while it keeps to a part of the ground, such as firm walks. */
public final class KeptGround {

    /** A chair's wheels stand about a hand, 4 in, within the width it needs to pass: common practice, metres. */
    static final double HAND = 0.1;

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final double CURVE_TOLERANCE = 0.001;

    private final Edges edges;
    private final Geometry centres;
    private final double touching;

    KeptGround(Edges edges, Geometry centres, double radius) {
        this.edges = edges;
        this.centres = centres;
        this.touching = radius + HAND;
    }

    /** Whether the carrier comes alongside a bed that stands. */
    public boolean comesTo(UUID bed) {
        Ring ring = edges.ring(bed);
        return comesTo(ring.polygon(), ring.lean());
    }

    /** Whether the carrier would come alongside a place. */
    public boolean comesTo(Geometry place) {
        return comesTo(place, 0);
    }

    private boolean comesTo(Geometry place, double lean) {
        return !centres.isEmpty() && centres.isWithinDistance(place, touching + lean);
    }

    /** The question what of a bed is worked from where the middle of a carrier can be round about it. */
    private record Worked(Ring bed, Geometry centres, double touching, Length reach) {}

    /** The soil of a bed that is within reach of the edges the carrier comes alongside. */
    public Geometry workedFrom(UUID bed, Length reach) {
        Ring ring = edges.ring(bed);
        double from = touching + ring.lean();
        Geometry here = Areas.shared(centres, GEOMETRY.toGeometry(ring.within(from)));
        return edges.layout()
                .memo()
                .recall(
                        // Corners in one order, so that the same ground is known again.
                        new Worked(ring, here.norm(), from, reach), () -> worked(ring.polygon(), here, from, reach));
    }

    private static Geometry worked(Polygon bed, Geometry centres, double touching, Length reach) {
        Geometry from = Areas.along(bed.getExteriorRing(), grown(centres, touching));
        return from.isEmpty() ? Areas.joined(List.of()) : Areas.shared(grown(from, reach.metres()), bed);
    }

    private static Geometry grown(Geometry area, double by) {
        return area.buffer(by, Curves.quadrantSegments(by, CURVE_TOLERANCE), BufferParameters.CAP_ROUND);
    }
}
