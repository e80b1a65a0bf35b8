package fairacre.measure;

/** How a gardener wants measures written. Either kind may be typed anywhere. */
public enum Units {
    /** Feet and inches to the nearest sixteenth. */
    FEET_AND_INCHES,
    /** Metres to the millimetre. */
    METRIC;

    /** From how many inches on lengths of the trade are rounded to how many, the largest first. */
    private static final double[][] STEPS = {{24, 3}, {6, 1}, {1, 0.5}, {0, 0.125}};

    /**
     * A length that tables give in centimetres and that is not meant to the millimetre, as one says it in these units:
     * metres as they are; in feet to 1/8 in, from 1 in on to 1/2 in, from 6 in on to whole inches, from 2 ft on to 3
     * in. 45 cm are 18 in, 90 cm are 3 ft. Never less than a step.
     *
     * @param length not negative
     */
    public Length round(Length length) {
        if (this == METRIC || length.equals(Length.ZERO)) {
            return length;
        }
        for (double[] step : STEPS) {
            if (length.inches() >= step[0]) {
                return Length.inches(Math.max(1, Math.round(length.inches() / step[1])) * step[1]);
            }
        }
        throw new IllegalArgumentException("a negative length: " + length);
    }
}
