package fairacre.fill;

import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.measure.Volume;
import fairacre.outline.Polygons;
import fairacre.plan.BedRevision;
import fairacre.shape.Insets;
import org.locationtech.jts.geom.Point;

/**
 * Soil that fills a bed: its depth and volume, both zero for flat ground that nothing is brought to.
 *
 * <p>A box is filled to {@link #FREEBOARD} below its top, on a table from its floor on; where part-courses make up
 * falling ground, the wedge below is filled too, its area times the gap at its middle (exact for a plane). A mound is
 * heaped with sides of one in one, so its volume is that of the layers between its foot and its top (Simpson's rule,
 * exact for such a heap). Where a filling is chosen for flat ground, {@link #SPREAD} of it are spread and loosened in.
 */
public record FillTakeoff(Length depth, Volume volume) {

    /** Left free below the top of the frame: 1 in, common practice. */
    public static final Length FREEBOARD = Length.inches(1);

    /** Spread over a bed in the ground before it is loosened: a few inches, 3 in; common practice. */
    public static final Length SPREAD = Length.inches(3);

    private static final FillTakeoff NONE = new FillTakeoff(Length.ZERO, Volume.ZERO);

    public static FillTakeoff of(BedRevision bed) {
        if (bed.flat()) {
            return bed.build().filling().isPresent() ? spread(bed) : NONE;
        }
        return bed.thickness().isPositive() ? boxed(bed) : heaped(bed);
    }

    /** How high above the ground the soil of a bed ends; zero for a flat one. */
    public static Length top(BedRevision bed) {
        return bed.thickness().isPositive()
                ? Length.max(Length.ZERO, bed.height().minus(FREEBOARD))
                : bed.build().mound();
    }

    private static FillTakeoff spread(BedRevision bed) {
        return new FillTakeoff(SPREAD, Volume.prism(Area.squareMetres(within(bed, Length.ZERO)), SPREAD));
    }

    private static FillTakeoff boxed(BedRevision bed) {
        Length depth = Length.max(Length.ZERO, bed.holding().minus(FREEBOARD).minus(bed.floorDepth()));
        double area = within(bed, bed.thickness());
        Volume wedge = bed.madeUp()
                .map(drop -> Volume.prism(Area.squareMetres(area), Length.metres(gapInTheMiddle(bed))))
                .orElse(Volume.ZERO);
        return new FillTakeoff(
                depth, Volume.prism(Area.squareMetres(area), depth).plus(wedge));
    }

    private static double gapInTheMiddle(BedRevision bed) {
        Point middle = Insets.of(
                        Polygons.of(bed.cornersUnplaced()), bed.thickness().metres())
                .getCentroid();
        return bed.gapBelow(middle.getX(), middle.getY());
    }

    private static FillTakeoff heaped(BedRevision bed) {
        Length height = bed.build().mound();
        double mean = (within(bed, Length.ZERO) + 4 * within(bed, height.half()) + within(bed, height)) / 6;
        return new FillTakeoff(height, Volume.prism(Area.squareMetres(mean), height));
    }

    /** Area of what is left of the bed within so much from its edge, square metres. */
    static double within(BedRevision bed, Length inset) {
        if (bed.shape().plain()) {
            Length both = inset.times(2);
            return bed.outline().length().minus(both).metres()
                    * bed.outline().width().minus(both).metres();
        }
        return Insets.of(Polygons.of(bed.cornersUnplaced()), inset.metres()).getArea();
    }
}
