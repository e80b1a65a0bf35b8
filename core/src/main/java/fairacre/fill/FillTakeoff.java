package fairacre.fill;

import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.measure.Volume;
import fairacre.plan.Frame;
import fairacre.plan.Rectangle;
import java.util.Optional;

/** Soil that fills a bed: its depth and volume, both zero without a frame. */
public record FillTakeoff(Length depth, Volume volume) {

    /** Left free below the top of the frame: 1 in, common practice. */
    public static final Length FREEBOARD = Length.inches(1);

    private static final FillTakeoff NONE = new FillTakeoff(Length.ZERO, Volume.ZERO);

    public static FillTakeoff of(Rectangle outline, Optional<Frame> frame) {
        return frame.map(f -> framed(outline, f)).orElse(NONE);
    }

    private static FillTakeoff framed(Rectangle outline, Frame frame) {
        Length both = frame.board().thickness().times(2);
        double length = outline.length().minus(both).metres();
        double width = outline.width().minus(both).metres();
        Length depth = frame.height().minus(FREEBOARD);
        return new FillTakeoff(depth, Volume.prism(Area.squareMetres(length * width), depth));
    }
}
