package fairacre.frame;

import fairacre.build.Board;
import fairacre.measure.Length;

/**
 * Pieces of wood besides the boards of the courses, of the frame's material.
 *
 * @param count of this length
 */
public record Timber(Use use, Board board, Length length, int count) {

    Timber withCount(int newCount) {
        return new Timber(use, board, length, newCount);
    }

    /** What it is for. */
    public enum Use {
        CORNER_POST("corner post"),
        STAKE("stake"),
        TIE("board across"),
        CAP("cap board"),
        LEG("leg"),
        CLEAT("cleat under the floor"),
        BEARER("bearer under the floor"),
        FLOOR("floor board");

        private final String label;

        Use(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }
}
