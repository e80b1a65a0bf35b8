package fairacre.crop;

import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.BedRevision;
import fairacre.plan.Plan;
import fairacre.shape.Areas;
import fairacre.shape.BedSoil;
import fairacre.shape.Memo;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.linearref.LengthIndexedLine;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/**
 * Where the plants of a planting stand. Rows keep half their distance from the edges of the part and plants half theirs
 * from the ends of their row, so that a block of {@code L x W} carries {@code floor(L/a) x floor(W/b)} plants; where
 * less than a whole distance is there, one stands in the middle. What remains is shared out at both ends. Along a
 * trellis they stand in {@link TrellisRows}, and take the soil as far as half the distance of rows on either side.
 */
final class PlantPlaces {

    /** Distances in a grid are divided to so much: a board's rounding costs no plant. */
    private static final double ROUNDING = 1e-6;
    /** Both ends of a line that is turned are rounded to micrometres, metres. */
    private static final double ENDS = 3e-6;
    /** Rows of a staggered block, by the distance of plants: the height of an equilateral triangle. */
    private static final double STAGGERED = Math.sqrt(3) / 2;
    /** A stretch of soil that is shorter than half a distance carries no plant. */
    private static final double HALF = 0.5;

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    /** A strip along a row ends with it. */
    private static final BufferParameters STRIP =
            new BufferParameters(BufferParameters.DEFAULT_QUADRANT_SEGMENTS, BufferParameters.CAP_FLAT);

    private final Plan plan;
    private final BedRevision bed;
    private final BedSoil seen;
    private final Planting planting;
    private final boolean across;
    private final Polygon soil;
    private final double apart;
    private final double rowsApart;

    private PlantPlaces(Plan plan, BedRevision bed, Planting planting) {
        this.plan = plan;
        this.bed = bed;
        this.seen = BedSoil.seen(bed);
        this.planting = planting;
        this.across = planting.layout() == Layout.ROWS_ACROSS;
        this.soil = part(seen.soil(), planting.part());
        this.apart = planting.plantsApart(plan).metres();
        this.rowsApart = planting.rowsApart(plan).metres() * (planting.layout() == Layout.STAGGERED ? STAGGERED : 1);
    }

    /** On the plot, row by row; none where the part has no soil. */
    static List<Point> of(Plan plan, BedRevision bed, Planting planting) {
        return new PlantPlaces(plan, bed, planting).places();
    }

    /** What the number of plants depends on where no trellis is. */
    private record CountOf(BedRevision bed, Planting planting, Length apart, Length rowsApart) {}

    /** How many there are. */
    static int count(Plan plan, BedRevision bed, Planting planting, Memo memo) {
        if (planting.layout() == Layout.ALONG_TRELLIS) {
            return of(plan, bed, planting).size();
        }
        return memo.recall(
                new CountOf(bed, planting, planting.plantsApart(plan), planting.rowsApart(plan)),
                () -> of(plan, bed, planting).size());
    }

    /** Square metres of soil that it takes. */
    static double area(Plan plan, BedRevision bed, Planting planting) {
        return ground(plan, bed, planting).getArea();
    }

    /** The soil that it takes, on the plot; empty where there is none. */
    static Geometry ground(Plan plan, BedRevision bed, Planting planting) {
        PlantPlaces places = new PlantPlaces(plan, bed, planting);
        return planting.layout() == Layout.ALONG_TRELLIS ? places.groundOfRows() : places.soilOnThePlot();
    }

    private Geometry groundOfRows() {
        Polygon ground = soilOnThePlot();
        List<Geometry> strips = rowsAtTrellises().stream()
                .map(row -> BufferOp.bufferOp(row, rowsApart / 2, STRIP))
                .toList();
        return Areas.shared(ground, Areas.joined(strips));
    }

    private Polygon soilOnThePlot() {
        return (Polygon) seen.toPlot().transform(soil);
    }

    private List<LineString> rowsAtTrellises() {
        int season = Plan.season(planting.from(), plan.yearBegins());
        return TrellisRows.of(plan, season, bed, soilOnThePlot());
    }

    private static Polygon part(Polygon soil, BedPart part) {
        Envelope all = soil.getEnvelopeInternal();
        if (part.equals(BedPart.WHOLE) || soil.isEmpty()) {
            return soil;
        }
        Geometry box = GEOMETRY.toGeometry(new Envelope(
                all.getMinX() + part.from() * all.getWidth(),
                all.getMinX() + part.to() * all.getWidth(),
                all.getMinY() + part.low() * all.getHeight(),
                all.getMinY() + part.high() * all.getHeight()));
        return BedSoil.largest(Areas.shared(soil, box));
    }

    private List<Point> places() {
        if (soil.isEmpty()) {
            return List.of();
        }
        if (planting.layout() == Layout.SINGLE) {
            return List.of(onThePlot(soil.contains(soil.getCentroid()) ? soil.getCentroid() : soil.getInteriorPoint()));
        }
        if (planting.layout() == Layout.ALONG_TRELLIS) {
            return rowsAtTrellises().stream().flatMap(this::along).toList();
        }
        Envelope all = soil.getEnvelopeInternal();
        double low = across ? all.getMinX() : all.getMinY();
        double deep = across ? all.getWidth() : all.getHeight();
        int rows = rows(deep);
        double first = low + (deep - (rows - 1) * rowsApart) / 2;
        List<Point> places = new ArrayList<>();
        for (int row = 0; row < rows; row++) {
            places.addAll(row(first + row * rowsApart, planting.layout() == Layout.STAGGERED && row % 2 == 1));
        }
        return places;
    }

    /** A staggered block needs half a plant's distance at its edges and less from row to row. */
    private int rows(double deep) {
        return planting.layout() == Layout.STAGGERED
                ? 1 + (int) Math.max(0, Math.floor((deep - apart) / rowsApart + ROUNDING))
                : Math.max(1, (int) Math.floor(deep / rowsApart + ROUNDING));
    }

    private List<Point> row(double at, boolean shifted) {
        Envelope all = soil.getEnvelopeInternal();
        Geometry line = across
                ? GEOMETRY.createLineString(
                        new Coordinate[] {new Coordinate(at, all.getMinY() - 1), new Coordinate(at, all.getMaxY() + 1)})
                : GEOMETRY.createLineString(
                        new Coordinate[] {new Coordinate(all.getMinX() - 1, at), new Coordinate(all.getMaxX() + 1, at)
                        });
        Geometry stretches = Areas.along(line, soil);
        return IntStream.range(0, stretches.getNumGeometries())
                .mapToObj(stretches::getGeometryN)
                .flatMap(stretch -> alongStretch(stretch.getEnvelopeInternal(), at, shifted).stream())
                .toList();
    }

    private List<Point> alongStretch(Envelope stretch, double at, boolean shifted) {
        double from = across ? stretch.getMinY() : stretch.getMinX();
        double length = across ? stretch.getHeight() : stretch.getWidth();
        int count = (int) Math.floor(length / apart + ROUNDING);
        if (count == 0) {
            return length >= apart * HALF ? List.of(place(from + length / 2, at)) : List.of();
        }
        double first = from + (length - (count - 1) * apart) / 2;
        double start = shifted ? first + apart / 2 : first;
        double last = from + length - apart / 2;
        return IntStream.range(0, count)
                .mapToDouble(i -> start + i * apart)
                .filter(along -> along <= last + ROUNDING)
                .mapToObj(along -> place(along, at))
                .toList();
    }

    /** So many as its length holds, with half a distance at its ends. */
    private Stream<Point> along(LineString row) {
        int whole = (int) Math.floor((row.getLength() + ENDS) / apart);
        int count = whole == 0 && row.getLength() >= apart * HALF ? 1 : whole;
        double first = (row.getLength() - (count - 1) * apart) / 2;
        LengthIndexedLine places = new LengthIndexedLine(row);
        return IntStream.range(0, count)
                .mapToObj(i -> places.extractPoint(first + i * apart))
                .map(place -> Point.metres(place.x, place.y));
    }

    private Point place(double along, double at) {
        return onThePlot(GEOMETRY.createPoint(across ? new Coordinate(at, along) : new Coordinate(along, at)));
    }

    private Point onThePlot(Geometry place) {
        Coordinate there = seen.toPlot().transform(place).getCoordinate();
        return Point.metres(there.x, there.y);
    }
}
