package fairacre.arrange;

import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.outline.Rectangle;
import fairacre.plan.FeatureKind;
import fairacre.plan.Plan;
import fairacre.shape.Areas;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;

/**
 * The largest upright rectangle of a plot on which nothing stands but beds: a place to try arrangements. On a grid of
 * at most {@value #CELLS} cells a side, by the histogram of free cells above each row; it may be smaller than the true
 * one by a cell on each side.
 */
public final class LargestRectangle {

    private static final int CELLS = 120;

    private LargestRectangle() {}

    /** Empty if no whole cell is free. */
    public static Optional<Rectangle> of(Plan plan) {
        Geometry free = plan.site().ground();
        for (var feature : plan.standingThings()) {
            if (feature.kind().takesGround() && feature.kind().extent() == FeatureKind.Extent.AREA) {
                free = Areas.without(
                        free,
                        Polygons.of(feature.places()).buffer(feature.margin().metres()));
            }
        }
        return free.isEmpty() ? Optional.empty() : search(free);
    }

    private static Optional<Rectangle> search(Geometry free) {
        Envelope bounds = free.getEnvelopeInternal();
        double cell = Math.max(bounds.getWidth(), bounds.getHeight()) / CELLS;
        if (free.isRectangle()) {
            return Optional.of(rectangle(bounds));
        }
        int columns = (int) Math.floor(bounds.getWidth() / cell + 1e-9);
        int rows = (int) Math.floor(bounds.getHeight() / cell + 1e-9);
        PreparedGeometry ground = PreparedGeometryFactory.prepare(free.buffer(1e-6));
        int[] heights = new int[columns + 1];
        Envelope best = null;
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                boolean isFree = ground.covers(new GeometryFactory().toGeometry(at(bounds, cell, column, row, 1, 1)));
                heights[column] = isFree ? heights[column] + 1 : 0;
            }
            Envelope found = largest(heights, row, bounds, cell);
            if (found != null && (best == null || found.getArea() > best.getArea())) {
                best = found;
            }
        }
        return Optional.ofNullable(best).map(LargestRectangle::rectangle);
    }

    /** The largest rectangle under a histogram whose bars end at a row. */
    private static Envelope largest(int[] heights, int row, Envelope bounds, double cell) {
        Deque<Integer> rising = new ArrayDeque<>();
        Envelope best = null;
        for (int column = 0; column < heights.length; column++) {
            while (!rising.isEmpty() && heights[rising.peek()] >= heights[column]) {
                int height = heights[rising.pop()];
                int from = rising.isEmpty() ? 0 : rising.peek() + 1;
                Envelope found = at(bounds, cell, from, row - height + 1, column - from, height);
                if (height > 0 && (best == null || found.getArea() > best.getArea())) {
                    best = found;
                }
            }
            rising.push(column);
        }
        return best;
    }

    private static Envelope at(Envelope bounds, double cell, int column, int row, int columns, int rows) {
        double x = bounds.getMinX() + column * cell;
        double y = bounds.getMinY() + row * cell;
        return new Envelope(new Coordinate(x, y), new Coordinate(x + columns * cell, y + rows * cell));
    }

    private static Rectangle rectangle(Envelope found) {
        return new Rectangle(
                Point.metres(found.centre().x, found.centre().y),
                Length.metres(found.getWidth()),
                Length.metres(found.getHeight()),
                0);
    }
}
