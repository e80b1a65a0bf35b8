package fairacre.build;

import fairacre.limits.Limits;

/**
 * What a frame has besides its boards and their fasteners.
 *
 * @param posts inside each corner
 * @param support what keeps long sides from bowing
 * @param liner polythene between wood and soil, at the sides only
 * @param underlay between the ground and the soil; a bed on the ground has no floor
 */
public record Fittings(CornerPost posts, Support support, boolean liner, Underlay underlay) {

    public enum CornerPost {
        NONE("none"),
        /** 2 x 2 or 50 x 50 mm. */
        SLIM("slim: 2x2 or 50 × 50 mm"),
        /** 4 x 4 or 100 x 100 mm. */
        STOUT("stout: 4x4 or 100 × 100 mm");

        private final String label;

        CornerPost(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /** Those across the bed hold two sides at once, in rectangles; a bed of another shape has stakes in their place. */
    public enum Support {
        NONE("none", "Boards may bow from the second season on."),
        STAKES("stakes", "Driven in along the side: cheap, and the first to rot."),
        BOARDS("boards across", "Cut with the rest; the fork finds them."),
        RODS("threaded rods across", "Thin and strong; their nuts stand out on the walk."),
        STRAPS("galvanised straps across", "Cheap and out of the way below the soil; they only pull.");

        private final String label;
        private final String remark;

        Support(String label, String remark) {
            this.label = label;
            this.remark = remark;
        }

        public String label() {
            return label;
        }

        public String remark() {
            return remark;
        }
    }

    public enum Underlay {
        NONE("open to the ground", "Roots go down: the usual way."),
        CARDBOARD("cardboard", "On grass: it is gone in a season and the turf with it."),
        CLOTH("hardware cloth, 1/2 in", "Against burrowers, turned up at the sides.");

        private final String label;
        private final String remark;

        Underlay(String label, String remark) {
            this.label = label;
            this.remark = remark;
        }

        public String label() {
            return label;
        }

        public String remark() {
            return remark;
        }
    }

    public Fittings {
        Limits.present(posts, "posts");
        Limits.present(support, "support");
        Limits.present(underlay, "underlay");
    }

    /**
     * Stakes where they are needed; posts where boards are thin, or stand in courses that nothing else holds together.
     */
    public static Fittings usual(Frame frame) {
        Board board = frame.board();
        boolean holds = board.fastener() == Fastener.SHORT_SCREW
                || board.fastener() == Fastener.LONG_SCREW && frame.courses() > 1;
        return new Fittings(holds ? CornerPost.SLIM : CornerPost.NONE, Support.STAKES, false, Underlay.NONE);
    }
}
