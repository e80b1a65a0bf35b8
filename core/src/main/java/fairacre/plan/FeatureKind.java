package fairacre.plan;

import java.util.Locale;

/** What may stand or lie on a plot besides beds. */
public enum FeatureKind {
    HOUSE(Extent.AREA, true, true),
    SHED(Extent.AREA, true, true),
    WALL(Extent.LINE, true, true),
    /** Holds back higher ground behind it. */
    RETAINING_WALL(Extent.LINE, true, true),
    /** Leads water away through stone and a pipe below the ground. */
    DRAIN(Extent.LINE, false, false),
    FENCE(Extent.LINE, true, true),
    HEDGE(Extent.LINE, true, true),
    /** Stands on the edge of a bed or between two; nobody reaches through it. */
    TRELLIS(Extent.LINE, true, false),
    /** Its sides and ends; one gets in by the doors. */
    TUNNEL(Extent.LINE, true, false),
    /** The trunk is in the way; the crown's shade and roots reach as far as its margin. */
    TREE(Extent.SPOT, true, true),
    SLAB(Extent.AREA, false, true),
    /** Feet go over them, wheels don't. */
    STEPS(Extent.AREA, false, true),
    /** Septic tank and field, well, or any other ground that nothing may be built on, with its setback as margin. */
    KEEP_OFF(Extent.AREA, false, true),
    /** Buried cable or pipe with a strip of caution as margin on either side. */
    BURIED_LINE(Extent.LINE, false, false),
    TAP(Extent.SPOT, false, false),
    /** A valve or the manifold of an irrigation run, at the height of its handle. */
    VALVE(Extent.SPOT, false, false),
    /** For tools or a hose, at its height. */
    HOOK(Extent.SPOT, false, false),
    DOWNSPOUT(Extent.SPOT, false, false),
    COMPOST(Extent.AREA, true, true),
    /** To sit on. */
    BENCH(Extent.AREA, true, true),
    DOOR(Extent.SPOT, false, false),
    WINDOW(Extent.SPOT, false, false);

    /** How a feature is drawn: round its corners, along a line, or at a spot. */
    public enum Extent {
        AREA(Feature.AreaFeature.class, "at least three corners"),
        LINE(Feature.LineFeature.class, "two points or more"),
        SPOT(Feature.SpotFeature.class, "one place");

        private final Class<? extends Feature> type;
        private final String places;

        Extent(Class<? extends Feature> type, String places) {
            this.type = type;
            this.places = places;
        }

        public Class<? extends Feature> type() {
            return type;
        }

        /** What its places are, in a sentence. */
        String places() {
            return places;
        }
    }

    private final Extent extent;
    private final boolean inTheWay;
    private final boolean takesGround;

    FeatureKind(Extent extent, boolean inTheWay, boolean takesGround) {
        this.extent = extent;
        this.inTheWay = inTheWay;
        this.takesGround = takesGround;
    }

    public Extent extent() {
        return extent;
    }

    /** Whether nobody walks through it. */
    public boolean inTheWay() {
        return inTheWay;
    }

    /** Whether no bed may stand on its own ground. */
    public boolean takesGround() {
        return takesGround;
    }

    /** Whether it lies in the ground, so that it has a depth and no height. */
    public boolean buried() {
        return this == DRAIN || this == BURIED_LINE;
    }

    /** What one of it is called in a sentence. */
    public String noun() {
        return switch (this) {
            case KEEP_OFF -> "setback";
            case COMPOST -> "compost heap";
            default -> name().toLowerCase(Locale.ROOT).replace('_', ' ');
        };
    }
}
