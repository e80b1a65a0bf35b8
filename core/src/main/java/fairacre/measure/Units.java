package fairacre.measure;

/** How a gardener wants measures written. Either kind may be typed anywhere. */
public enum Units {
    /** Feet and inches to the nearest sixteenth. */
    FEET_AND_INCHES,
    /** Metres to the millimetre. */
    METRIC
}
