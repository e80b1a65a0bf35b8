package fairacre.shape;

import fairacre.outline.Polygons;
import fairacre.outline.Rectangle;
import fairacre.plan.BedRevision;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * The soil of a bed as one sees it standing at its middle and looking along its longer side: lines and rows are laid
 * out there.
 *
 * @param soil with the middle of the bed at 0, its longer side along x, metres
 * @param toPlot from there to places on the drawing
 */
public record BedSoil(Polygon soil, AffineTransformation toPlot) {

    public static BedSoil seen(BedRevision bed) {
        Rectangle outline = bed.outline();
        boolean upright = outline.width().compareTo(outline.length()) > 0;
        double cos = upright ? -outline.alongY() : outline.alongX();
        double sin = upright ? outline.alongX() : outline.alongY();
        double x = outline.centre().x().metres();
        double y = outline.centre().y().metres();
        AffineTransformation toBed =
                new AffineTransformation(cos, sin, -(cos * x + sin * y), -sin, cos, sin * x - cos * y);
        return new BedSoil((Polygon) toBed.transform(of(bed)), new AffineTransformation(cos, -sin, x, sin, cos, y));
    }

    /** Where it lies on the plot; its largest part if boards or a form part it. */
    public static Polygon of(BedRevision bed) {
        return largest(Insets.of(Polygons.of(bed.corners()), bed.thickness().metres()));
    }

    /** The largest part of an area; empty if there is none. */
    public static Polygon largest(Geometry area) {
        return Areas.parts(area).stream()
                .max(Comparator.comparingDouble(Polygon::getArea))
                .orElseGet(() -> Polygons.of(List.of()));
    }
}
