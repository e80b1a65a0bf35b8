package fairacre.fill;

import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.measure.Volume;
import fairacre.plan.BedRevision;
import fairacre.plan.Frame;
import fairacre.plan.Polygons;
import fairacre.shape.Insets;

/** Soil that fills a bed: its depth and volume, both zero without a frame. */
public record FillTakeoff(Length depth, Volume volume) {

    /** Left free below the top of the frame: 1 in, common practice. */
    public static final Length FREEBOARD = Length.inches(1);

    private static final FillTakeoff NONE = new FillTakeoff(Length.ZERO, Volume.ZERO);

    public static FillTakeoff of(BedRevision bed) {
        return bed.frame().map(frame -> framed(bed, frame)).orElse(NONE);
    }

    private static FillTakeoff framed(BedRevision bed, Frame frame) {
        Length depth = frame.height().minus(FREEBOARD);
        return new FillTakeoff(depth, Volume.prism(Area.squareMetres(inside(bed, frame)), depth));
    }

    /** Between the boards, square metres. */
    private static double inside(BedRevision bed, Frame frame) {
        if (bed.shape().plain()) {
            Length both = frame.board().thickness().times(2);
            return bed.outline().length().minus(both).metres() * bed.outline().width().minus(both).metres();
        }
        return Insets.of(Polygons.of(bed.corners()), frame.board().thickness().metres()).getArea();
    }
}
