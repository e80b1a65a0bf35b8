package fairacre.water;

import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.BedRevision;
import fairacre.shape.BedSoil;
import fairacre.shape.Insets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/**
 * How the lines lie in the soil of a bed: nodes, the pipes between them, and where water leaves.
 *
 * @param pipes between nodes, all of the same bore
 * @param outlets the nodes at which water leaves, one for each outlet
 * @param inlets the nodes at which it may be fed; empty where the soil has no room for a line
 * @param drawn the lines as they are drawn
 * @param sprays what each outlet wets, in their order; empty where outlets don't throw
 */
record BedLayout(
        List<Point> nodes,
        List<Pipe> pipes,
        List<Integer> outlets,
        List<Integer> inlets,
        List<List<Point>> drawn,
        List<Spray> sprays) {

    /** @param length metres */
    record Pipe(int from, int to, double length) {}

    static final BedLayout NONE = new BedLayout(List.of(), List.of(), List.of(), List.of(), List.of());

    BedLayout {
        nodes = List.copyOf(nodes);
        pipes = List.copyOf(pipes);
        outlets = List.copyOf(outlets);
        inlets = List.copyOf(inlets);
        drawn = drawn.stream().map(List::copyOf).toList();
        sprays = List.copyOf(sprays);
    }

    /** Of outlets that don't throw. */
    BedLayout(
            List<Point> nodes, List<Pipe> pipes, List<Integer> outlets, List<Integer> inlets, List<List<Point>> drawn) {
        this(nodes, pipes, outlets, inlets, drawn, List.of());
    }

    /** Of what a full outlet gives, by the index of the outlet: 0 to 1. */
    double share(int outlet) {
        return sprays.isEmpty() ? 1 : sprays.get(outlet).share();
    }

    /** Of all lines together. */
    Length length() {
        return Length.metres(pipes.stream().mapToDouble(Pipe::length).sum());
    }

    /** The inlet nearest to a place. */
    int inlet(Point near) {
        return inlets.stream()
                .min(Comparator.comparing(node -> nodes.get(node).distance(near)))
                .orElseThrow();
    }

    /**
     * A loop at a distance inside the edge of the soil, with holes as far apart as is wanted at most; none where the
     * soil is too narrow for it.
     */
    static BedLayout loop(BedRevision bed, Soaker hose) {
        Geometry inside = Insets.of(BedSoil.of(bed), hose.inset().metres());
        if (inside.isEmpty()) {
            return NONE;
        }
        Polygon loop = BedSoil.largest(inside);
        Coordinate[] ring = loop.getExteriorRing().getCoordinates();
        double round = loop.getExteriorRing().getLength();
        int holes = Math.max(3, (int) Math.ceil(round / hose.spacing().metres() - DripLayout.ROUNDING));
        List<Point> nodes = new ArrayList<>();
        List<Pipe> pipes = new ArrayList<>();
        List<Integer> all = new ArrayList<>();
        for (int hole = 0; hole < holes; hole++) {
            nodes.add(along(ring, (hole + 0.5) * round / holes));
            pipes.add(new Pipe(hole, (hole + 1) % holes, round / holes));
            all.add(hole);
        }
        List<Point> drawn = new ArrayList<>();
        for (Coordinate corner : ring) {
            drawn.add(Point.metres(corner.x, corner.y));
        }
        return new BedLayout(nodes, pipes, all, all, List.of(drawn));
    }

    private static Point along(Coordinate[] line, double distance) {
        double left = distance;
        for (int i = 1; i < line.length; i++) {
            double length = line[i - 1].distance(line[i]);
            if (left <= length) {
                double share = left / length;
                return Point.metres(
                        line[i - 1].x + share * (line[i].x - line[i - 1].x),
                        line[i - 1].y + share * (line[i].y - line[i - 1].y));
            }
            left -= length;
        }
        return Point.metres(line[line.length - 1].x, line[line.length - 1].y);
    }
}
