package fairacre.arrange;

import fairacre.build.Frame;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Point;
import java.util.Optional;

/**
 * What an arrangement is to be like. Who gardens and what has to get through is the plan's.
 *
 * @param low lower left corner of the rectangle to be arranged
 * @param length of the rectangle from left to right, 1 to 100 m
 * @param width of the rectangle from bottom to top, 1 to 100 m
 * @param walk between beds, 0.3 to 3 m
 * @param mainWalk at the end of the rows or across them, 0.3 to 4 m
 * @param longest a longer bed is broken by a walk, 1 to 100 m
 * @param frame of every bed; empty for beds in the ground
 */
public record Wish(
        Point low,
        Length length,
        Length width,
        Length walk,
        Length mainWalk,
        Length longest,
        Optional<Frame> frame,
        Conditions conditions) {

    public Wish {
        if (low == null) {
            throw new RefusedException("low", "it is missing", "say which ground is to be arranged");
        }
        within(length, "length", 1, 100);
        within(width, "width", 1, 100);
        within(walk, "walk", 0.3, 3);
        within(mainWalk, "mainWalk", 0.3, 4);
        within(longest, "longest", 1, 100);
        frame = frame == null ? Optional.empty() : frame;
        conditions = conditions == null ? Conditions.NONE : conditions;
    }

    private static void within(Length value, String field, double least, double most) {
        if (value == null || value.metres() < least || value.metres() > most) {
            throw new RefusedException(
                    field,
                    value == null ? "it is missing" : "it is out of range",
                    "give " + least + " to " + most + " m");
        }
    }
}
