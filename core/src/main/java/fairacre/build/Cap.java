package fairacre.build;

import fairacre.limits.Limits;
import fairacre.measure.Length;

/**
 * Boards laid flat on top of a frame, flush with its inside and standing out over the walk by what they are wider than
 * the frame is thick.
 *
 * @param width of the boards, 20 mm to 0.4 m
 * @param leanedOn whether the gardeners rest on it as they reach in, so that reach counts from the frame as if there
 *     were no cap; otherwise the body stops at the cap's outer edge
 */
public record Cap(Length width, boolean leanedOn) {

    private static final Length NARROWEST = Length.millimetres(20);
    private static final Length WIDEST = Length.metres(0.4);

    public Cap {
        Limits.between(width, NARROWEST, WIDEST, "width");
    }
}
