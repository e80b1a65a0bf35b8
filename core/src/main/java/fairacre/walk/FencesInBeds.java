package fairacre.walk;

import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Feature;
import fairacre.plan.Setting;
import fairacre.plan.StandingBed;
import fairacre.shape.Areas;
import fairacre.shape.FenceLine;
import fairacre.shape.Footprint;
import fairacre.shape.Intervals;
import fairacre.shape.Intervals.Interval;
import fairacre.shape.Line;
import fairacre.shape.Ring;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineSegment;

/**
 * Fences that stand in the soil of beds. There the bed is in the way and not the fence; but nobody reaches through it,
 * so an edge along which it stands, a hand's breadth within, is closed.
 */
final class FencesInBeds {

    /** So near within an edge it leaves nothing worth reaching, metres. */
    private static final double HAND = 0.1 + 1e-6;

    private final Geometry beds;
    private final List<Feature> fences;
    private final List<LineSegment> within = new ArrayList<>();
    private final Setting setting;

    FencesInBeds(Setting setting, List<StandingBed> standing) {
        this.setting = setting;
        this.fences =
                setting.features().stream().filter(FenceLine::standsInBeds).toList();
        this.beds = fences.isEmpty()
                ? Areas.joined(List.of())
                : Areas.joined(standing.stream()
                        .map(bed -> Polygons.of(bed.corners()).buffer(FenceLine.JOINT))
                        .toList());
        fences.forEach(fence ->
                FenceLine.of(fence, setting).parts().forEach(part -> segments(Areas.along(Polygons.line(part), beds))));
    }

    private void segments(Geometry line) {
        for (int i = 0; i < line.getNumGeometries(); i++) {
            Coordinate[] places = line.getGeometryN(i).getCoordinates();
            for (int j = 0; j + 1 < places.length; j++) {
                within.add(new LineSegment(places[j], places[j + 1]));
            }
        }
    }

    /** The ground of such a fence where it leaves the beds. */
    List<Ring> outside(Feature fence) {
        List<Ring> rings = new ArrayList<>();
        for (List<Point> part : FenceLine.of(fence, setting).parts()) {
            Geometry left = Areas.off(Polygons.line(part), beds);
            for (int i = 0; i < left.getNumGeometries(); i++) {
                rings.addAll(Footprint.along(
                        Arrays.stream(left.getGeometryN(i).getCoordinates())
                                .map(place -> Point.metres(place.x, place.y))
                                .toList(),
                        fence.breadth()));
            }
        }
        return rings;
    }

    /** What such fences leave of the parts of a bed's edges at which somebody can be. */
    List<Stretch> leave(Ring bed, List<Stretch> stretches) {
        if (within.isEmpty()) {
            return stretches;
        }
        List<Stretch> left = new ArrayList<>();
        for (Stretch stretch : stretches) {
            double length = bed.edgeLength(stretch.edge());
            List<Interval> open = open(bed, stretch.edge()).parts();
            if (open.size() == 1 && open.get(0).length() == length) {
                left.add(stretch);
                continue;
            }
            for (Interval part : open) {
                double from = Math.max(part.start(), stretch.start());
                double to = Math.min(part.end(), stretch.end());
                if (from < to || from == to && stretch.start() == stretch.end()) {
                    left.add(new Stretch(stretch.edge(), from, to, false));
                }
            }
        }
        return left;
    }

    private Intervals open(Ring bed, int edge) {
        Line along = bed.besideEdge(edge, 0);
        Intervals open = Intervals.whole(bed.edgeLength(edge));
        for (LineSegment fence : within) {
            double from = in(bed, edge, along, fence.p0);
            double to = in(bed, edge, along, fence.p1);
            double[] near = {0, 1};
            if (narrow(near, from, to)) {
                double start = at(along, fence.pointAlong(near[0]));
                double end = at(along, fence.pointAlong(near[1]));
                // It closes corners too: its own corner stands as far within either edge.
                open = open.without(Math.min(start, end) - HAND, Math.max(start, end) + HAND);
            }
        }
        return open;
    }

    /** How far within an edge a place lies. */
    private static double in(Ring bed, int edge, Line along, Coordinate place) {
        return -((place.x - along.x()) * bed.normalX(edge) + (place.y - along.y()) * bed.normalY(edge));
    }

    private static double at(Line along, Coordinate place) {
        return (place.x - along.x()) * along.dx() + (place.y - along.y()) * along.dy();
    }

    /** Narrows a stretch of a segment to where a distance that runs evenly lies from 0 to a hand's breadth. */
    private static boolean narrow(double[] near, double from, double to) {
        if (Math.abs(to - from) < 1e-9) {
            return from >= -FenceLine.JOINT && from <= HAND;
        }
        double first = -from / (to - from);
        double last = (HAND - from) / (to - from);
        near[0] = Math.max(near[0], Math.min(first, last));
        near[1] = Math.min(near[1], Math.max(first, last));
        return near[0] < near[1];
    }
}
