package fairacre.drawing;

import java.util.List;

/** Something drawn on the sheet; places in millimetres from the upper left corner, y down. */
sealed interface Mark {

    /** A place on paper. */
    record Spot(double x, double y) {

        /** @param clockwiseFromUp radians */
        Spot towards(double clockwiseFromUp, double distance) {
            return new Spot(x + distance * Math.sin(clockwiseFromUp), y - distance * Math.cos(clockwiseFromUp));
        }
    }

    /**
     * A line of several parts.
     *
     * @param closed whether it returns to its start
     * @param width of the pen
     * @param filled with the pen's colour; only for closed lines
     */
    record Stroke(List<Spot> spots, boolean closed, double width, boolean filled) implements Mark {
        static Stroke line(double width, Spot... spots) {
            return new Stroke(List.of(spots), false, width, false);
        }
    }

    /**
     * Words on one line.
     *
     * @param at middle of the base line, or its start
     * @param height of the letters
     * @param turn degrees clockwise
     */
    record Words(Spot at, String text, double height, boolean centred, double turn) implements Mark {}

    /**
     * A photo, as large as it has room.
     *
     * @param at upper left corner of the room; the photo lies in its middle
     * @param jpeg the file
     */
    record Picture(Spot at, double width, double height, byte[] jpeg) implements Mark {}
}
