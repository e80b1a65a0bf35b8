package fairacre.crop;

import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.outline.Polygons;
import fairacre.plan.BedRevision;
import fairacre.plan.Plan;
import fairacre.shape.Areas;
import fairacre.trellis.Trellis;
import fairacre.trellis.TrellisKinds;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.OffsetCurve;

/**
 * Rows at the foot of the trellises that stand at a bed: on either side of each, a hand from where it stands or from
 * its feet. Where there is no soil at that distance the row is under a trellis that leans, or as near to one outside
 * the bed as the soil reaches.
 */
public final class TrellisRows {

    /** What stands further from a bed is not at it (common practice). */
    public static final Length NEAR = Length.metres(0.5);

    /** So far from what they climb are plants set (common practice). */
    private static final Length FOOT = Length.metres(0.1);

    private static final double HAIR = 1e-6;

    private TrellisRows() {}

    /** Those in or at most half a metre off a bed. */
    public static Stream<Trellis> at(Plan plan, int season, BedRevision bed) {
        Polygon outline = Polygons.of(bed.corners());
        return TrellisKinds.trellises(plan, season).stream()
                .filter(trellis -> Polygons.line(trellis.places()).distance(outline) <= NEAR.metres() + HAIR);
    }

    /**
     * Lines in the soil, for trellises in their order.
     *
     * @param soil on the plot
     */
    static List<LineString> of(Plan plan, int season, BedRevision bed, Polygon soil) {
        return at(plan, season, bed)
                .flatMap(trellis -> of(trellis, plan.units(), soil).stream())
                .toList();
    }

    private static List<LineString> of(Trellis trellis, Units units, Polygon soil) {
        Geometry line = Polygons.line(trellis.places());
        double foot = units.round(FOOT).metres();
        double half = trellis.kind().leans() ? trellis.base().metres() / 2 : 0;
        return Stream.of(half + foot, half - foot, soil.distance(line) + foot)
                .filter(off -> off > 0)
                .map(off -> beside(line, off, soil))
                .filter(rows -> !rows.isEmpty())
                .findFirst()
                .orElse(List.of());
    }

    private static List<LineString> beside(Geometry line, double off, Polygon soil) {
        List<LineString> rows = new ArrayList<>();
        for (double side : new double[] {off, -off}) {
            Geometry along = Areas.along(OffsetCurve.getCurve(line, side), soil);
            for (int i = 0; i < along.getNumGeometries(); i++) {
                if (along.getGeometryN(i) instanceof LineString row && row.getLength() > HAIR) {
                    rows.add(row);
                }
            }
        }
        return rows;
    }
}
