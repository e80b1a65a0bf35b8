package fairacre.reach;

import fairacre.measure.Length;
import fairacre.plan.Posture;

/**
 * Comfortable reach in from the edge of a bed for usual gardeners, to choose from until one's own is measured. Common
 * practice throughout.
 */
public enum ReachPreset {
    AVERAGE_ADULT("Adult, average", Length.inches(24), Posture.STANDING),
    SHORTER_ARMS("Adult, shorter arms", Length.inches(21), Posture.STANDING),
    LONG_ARMS("Tall adult, long arms", Length.inches(27), Posture.STANDING),
    STIFF_BACK("Stiff back or knees", Length.inches(18), Posture.STANDING),
    CHILD("Child, about 8", Length.inches(16), Posture.STANDING),
    SEATED("Seated, side-on to the bed", Length.inches(20), Posture.SEATED);

    /** Lowest and highest that a seated gardener reaches, above the ground: 2010 ADA Standards 308.2.1, 308.3.1. */
    public static final Length SEATED_LOWEST = Length.inches(15);

    public static final Length SEATED_HIGHEST = Length.inches(48);
    /**
     * Deepest reach over an obstruction that the standard knows, sideways or forward: 2010 ADA Standards 308.2.2,
     * 308.3.2.
     */
    public static final Length SEATED_DEEPEST = Length.inches(24);

    /** How to find out one's own. */
    public static final String MEASURE_YOUR_OWN =
            "Stand, kneel or sit at an edge of the right height, lean in as far as is"
                    + " comfortable, and measure from the edge to the grip of your hand. Measure from the outside of the frame,"
                    + " where your body stops.";

    private final String label;
    private final Length reach;
    private final Posture posture;

    ReachPreset(String label, Length reach, Posture posture) {
        this.label = label;
        this.reach = reach;
        this.posture = posture;
    }

    public String label() {
        return label;
    }

    public Length reach() {
        return reach;
    }

    public Posture posture() {
        return posture;
    }
}
