package fairacre.shape;

import fairacre.outline.Point;
import fairacre.outline.Polygons;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import org.locationtech.jts.algorithm.RobustLineIntersector;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.TopologyException;
import org.locationtech.jts.geom.util.GeometryFixer;
import org.locationtech.jts.noding.IntersectionAdder;
import org.locationtech.jts.noding.MCIndexNoder;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.util.AssertionFailedException;

/**
 * What areas share, what one leaves of another and what several cover together, as areas: where they only touch nothing
 * is left over. Every overlay of the program goes through here, because the library's plain operations fail on some
 * valid input.
 */
public final class Areas {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private Areas() {}

    public static Geometry shared(Geometry one, Geometry other) {
        return areas(overlay(one, other, OverlayNG.INTERSECTION));
    }

    public static Geometry without(Geometry one, Geometry other) {
        return areas(overlay(one, other, OverlayNG.DIFFERENCE));
    }

    /** The parts of a line that lie in an area. */
    public static Geometry along(Geometry line, Geometry area) {
        return OverlayNGRobust.overlay(line, area, OverlayNG.INTERSECTION);
    }

    /** The parts of a line that lie outside of an area. */
    public static Geometry off(Geometry line, Geometry area) {
        return OverlayNGRobust.overlay(line, area, OverlayNG.DIFFERENCE);
    }

    /** All of them as one area; empty for none. */
    public static Geometry joined(Collection<? extends Geometry> all) {
        return all.isEmpty() ? GEOMETRY.createPolygon() : areas(OverlayNGRobust.union(GEOMETRY.buildGeometry(all)));
    }

    /**
     * The area within corners that a study has worked out. They are rounded to micrometres, so a sliver's edge may
     * cross itself: what is enclosed is kept.
     */
    public static Geometry within(List<Point> corners) {
        return valid(Polygons.of(corners));
    }

    /**
     * Skips JTS's second noding check, which takes as long as the noding itself. Where rounding spoils the noding, the
     * rings don't close, an assertion of the library fails or the area doesn't add up: each of them is noticed, and the
     * robust way is taken.
     */
    private static Geometry overlay(Geometry one, Geometry other, int operation) {
        try {
            return OverlayNG.overlay(
                    one, other, operation, new MCIndexNoder(new IntersectionAdder(new RobustLineIntersector())));
        } catch (TopologyException | AssertionFailedException spoilt) {
            return robust(one, other, operation);
        }
    }

    /** Snaps, and rounds if need be; input that crosses itself is mended first. */
    static Geometry robust(Geometry one, Geometry other, int operation) {
        return OverlayNGRobust.overlay(valid(one), valid(other), operation);
    }

    /**
     * Each polygon mended by itself; a buffer of no width unites them, since that never fails on parts that overlap by
     * a hair.
     */
    private static Geometry valid(Geometry area) {
        return area.isValid()
                ? area
                : areas(GEOMETRY.buildGeometry(
                                parts(area).stream().map(GeometryFixer::fix).toList())
                        .buffer(0));
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
