package fairacre.walk;

import fairacre.plan.Point;
import fairacre.plan.Polygons;
import fairacre.plan.Site;
import fairacre.plan.StandingBed;
import fairacre.shape.Box;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.index.strtree.STRtree;

/** The beds of a season and the sides of the plot as boxes, with an index over the beds. */
final class Layout {

    private final List<StandingBed> beds;
    private final List<Box> boxes;
    private final List<Box> plotSides = new ArrayList<>();
    private final Polygon plot;
    private final IndexedPointInAreaLocator inPlot;
    private final STRtree index = new STRtree();

    Layout(Site site, List<StandingBed> beds) {
        this.beds = List.copyOf(beds);
        this.boxes = this.beds.stream().map(bed -> Box.of(bed.outline())).toList();
        this.plot = Polygons.of(site.corners());
        this.inPlot = new IndexedPointInAreaLocator(plot);
        List<Point> corners = site.corners();
        for (int i = 0; i < corners.size(); i++) {
            Point from = corners.get(i);
            Point to = corners.get((i + 1) % corners.size());
            plotSides.add(Box.segment(from.x().metres(), from.y().metres(), to.x().metres(), to.y().metres()));
        }
        for (int i = 0; i < boxes.size(); i++) {
            index.insert(around(boxes.get(i), 0), i);
        }
        index.build();
    }

    int size() {
        return beds.size();
    }

    StandingBed bed(int position) {
        return beds.get(position);
    }

    Box box(int position) {
        return boxes.get(position);
    }

    List<Box> plotSides() {
        return plotSides;
    }

    Polygon plot() {
        return plot;
    }

    boolean onPlot(double x, double y) {
        return inPlot.locate(new Coordinate(x, y)) != Location.EXTERIOR;
    }

    /** Positions of the beds whose upright rectangle comes within a distance of the box's, in order. */
    @SuppressWarnings("unchecked")
    int[] within(Box box, double distance) {
        List<Integer> found = index.query(around(box, distance));
        return found.stream().mapToInt(Integer::intValue).sorted().toArray();
    }

    private static Envelope around(Box box, double distance) {
        return new Envelope(box.centreX() - box.reachX() - distance, box.centreX() + box.reachX() + distance,
                box.centreY() - box.reachY() - distance, box.centreY() + box.reachY() + distance);
    }
}
