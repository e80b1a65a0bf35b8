package fairacre.shape;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.RobustLineIntersector;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.TopologyException;
import org.locationtech.jts.noding.IntersectionAdder;
import org.locationtech.jts.noding.MCIndexNoder;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/** What two areas share and what one leaves of another, as areas: where they only touch nothing is left over. */
public final class Areas {

    private Areas() {}

    public static Geometry shared(Geometry one, Geometry other) {
        return areas(overlay(one, other, OverlayNG.INTERSECTION));
    }

    public static Geometry without(Geometry one, Geometry other) {
        return areas(overlay(one, other, OverlayNG.DIFFERENCE));
    }

    /**
     * Spares the check of the noding, which takes as long as the noding itself: where rounding spoils it the rings don't close or the area
     * doesn't add up, which is noticed, and then it is worked out the robust way.
     */
    private static Geometry overlay(Geometry one, Geometry other, int operation) {
        try {
            return OverlayNG.overlay(one, other, operation, new MCIndexNoder(new IntersectionAdder(new RobustLineIntersector())));
        } catch (TopologyException spoilt) {
            return OverlayNGRobust.overlay(one, other, operation);
        }
    }

    /** The polygons of a geometry, each for itself. */
    public static List<Polygon> parts(Geometry geometry) {
        List<Polygon> parts = new ArrayList<>();
        for (int i = 0; i < geometry.getNumGeometries(); i++) {
            if (geometry.getGeometryN(i) instanceof Polygon part && !part.isEmpty()) {
                parts.add(part);
            }
        }
        return parts;
    }

    private static Geometry areas(Geometry mixed) {
        List<Polygon> parts = parts(mixed);
        return mixed.getFactory().createMultiPolygon(parts.toArray(Polygon[]::new));
    }
}
