package fairacre.example;

import fairacre.build.Board;
import fairacre.goods.Surfacing;
import fairacre.measure.Length;
import fairacre.plan.Gardener;
import fairacre.plan.Posture;
import fairacre.walk.CarrierPreset;
import fairacre.walk.PassingPreset;
import java.util.UUID;

/** A garden that is laid out on a plot, for somebody to begin from and to change. Sizes are common practice. */
public enum Example {
    /** Three beds between walks for a barrow. */
    SMALL_YARD(3, 1, 1, false, Surfacing.WOOD_CHIP),
    /** Thirteen boxes along a main walk, fenced all round: as large as 40 x 60 ft has room for with ease. */
    FENCED_PLOT(13, 2, 1, true, Surfacing.WOOD_CHIP),
    /** Two beds as high as a chair's arm, on firm ground on which a wheelchair turns. */
    SEATED(2, 1, 4, false, Surfacing.STABILISED_GRAVEL);

    private static final Length ARM = Length.feet(2);
    /** Sitting sideways by a bed: 20 in, common practice. */
    private static final Length ARM_OF_WHO_SITS = Length.inches(20);

    private final int beds;
    private final int rows;
    private final int courses;
    private final boolean fenced;
    private final Surfacing surface;

    Example(int beds, int rows, int courses, boolean fenced, Surfacing surface) {
        this.beds = beds;
        this.rows = rows;
        this.courses = courses;
        this.fenced = fenced;
        this.surface = surface;
    }

    int beds() {
        return beds;
    }

    /** On one side of the main walk, or on both. */
    int rows() {
        return rows;
    }

    int courses() {
        return courses;
    }

    boolean isFenced() {
        return fenced;
    }

    Surfacing surface() {
        return surface;
    }

    private boolean isSeated() {
        return this == SEATED;
    }

    Board board(boolean metric) {
        return metric ? Board.M38X150 : Board.B2X6;
    }

    Gardener gardener(UUID id) {
        return isSeated()
                ? new Gardener(id, "You", ARM_OF_WHO_SITS, Posture.SEATED, PassingPreset.WHEELCHAIR_CLEAR)
                : new Gardener(id, "You", ARM, Posture.STANDING, Length.feet(2));
    }

    CarrierPreset carrier() {
        return isSeated() ? CarrierPreset.WHEELCHAIR : CarrierPreset.BARROW;
    }

    /** Width of a bed that is reached from both sides. */
    Length across(boolean metric) {
        if (isSeated()) {
            return metric ? Length.metres(0.9) : Length.feet(3);
        }
        return metric ? Length.metres(1.2) : Length.feet(4);
    }

    /** Between beds, and round them. */
    Length walk(boolean metric) {
        if (isSeated()) {
            return PassingPreset.WHEELCHAIR_TURNING;
        }
        return metric ? Length.metres(1) : Length.inches(42);
    }

    /** The longest a bed is made, and the shortest it may become to fit. */
    Length longest(boolean metric) {
        return metric ? Length.metres(2.4) : Length.feet(8);
    }

    Length shortest(boolean metric) {
        return metric ? Length.metres(1.2) : Length.feet(4);
    }

    Length step(boolean metric) {
        return metric ? Length.metres(0.3) : Length.feet(1);
    }

    /** What is laid out, in a sentence. */
    String words() {
        return switch (this) {
            case SMALL_YARD -> "three beds with walks for a barrow";
            case FENCED_PLOT -> "thirteen beds along a main walk";
            case SEATED -> "two beds with room for a wheelchair to turn";
        };
    }
}
