package fairacre.plan;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Point;
import java.util.Optional;
import java.util.UUID;

/**
 * A gate or an opening in the edge of the plot, or in a fence within it. A piece of ground with a way in is taken to be
 * closed everywhere else; one without is open all round.
 *
 * @param place middle of the opening; it belongs to the nearest side of the nearest piece of ground, or to the nearest
 *     stretch of its fence
 * @param width clear opening, 0.3 to 12 m
 * @param lifetime the seasons in which it is there; afterwards a fence closes it
 * @param sill height of a step or board across the opening, 0 to 0.6 m
 * @param fence the fence within the plot in which it is; empty for one in the edge of the plot, which leads onto it
 * @param leaf what hangs or stands in it; empty if nobody told, or for an opening without a gate
 */
public record WayIn(
        UUID id,
        String name,
        Point place,
        Length width,
        Swing swing,
        Lifetime lifetime,
        Length sill,
        Optional<UUID> fence,
        Optional<Leaf> leaf) {

    public static final Length NARROWEST = Length.millimetres(300);
    private static final Length WIDEST = Length.metres(12);
    private static final Length HIGHEST_SILL = Length.metres(0.6);

    public WayIn {
        Limits.present(id, "id");
        name = Limits.name(name, "name");
        Point.near(place, "place");
        Limits.between(width, NARROWEST, WIDEST, "width");
        Limits.present(swing, "swing");
        lifetime = lifetime == null ? Lifetime.ALWAYS : lifetime;
        sill = sill == null ? Length.ZERO : sill;
        Limits.between(sill, Length.ZERO, HIGHEST_SILL, "sill");
        fence = fence == null ? Optional.empty() : fence;
        leaf = leaf == null ? Optional.empty() : leaf;
        if (leaf.isPresent() && swing == Swing.OPEN) {
            throw new RefusedException("leaf", "an opening without a gate has no leaf", "say which way the gate opens");
        }
    }

    /** One in the edge of the plot. */
    public WayIn(UUID id, String name, Point place, Length width, Swing swing, Lifetime lifetime, Length sill) {
        this(id, name, place, width, swing, lifetime, sill, Optional.empty(), Optional.empty());
    }

    /** One in the edge of the plot that is always there, without a sill. */
    public WayIn(UUID id, String name, Point place, Length width, Swing swing) {
        this(id, name, place, width, swing, Lifetime.ALWAYS, Length.ZERO);
    }

    public WayIn withPlace(Point newPlace) {
        return new WayIn(id, name, newPlace, width, swing, lifetime, sill, fence, leaf);
    }

    public WayIn withWidth(Length newWidth) {
        return new WayIn(id, name, place, newWidth, swing, lifetime, sill, fence, leaf);
    }

    public WayIn withSill(Length newSill) {
        return new WayIn(id, name, place, width, swing, lifetime, newSill, fence, leaf);
    }

    public WayIn withLifetime(Lifetime newLifetime) {
        return new WayIn(id, name, place, width, swing, newLifetime, sill, fence, leaf);
    }

    public WayIn withSwing(Swing newSwing) {
        return new WayIn(
                id,
                name,
                place,
                width,
                newSwing,
                lifetime,
                sill,
                fence,
                newSwing == Swing.OPEN ? Optional.empty() : leaf);
    }

    /** The same in a fence within the plot. */
    public WayIn in(UUID newFence) {
        return new WayIn(id, name, place, width, swing, lifetime, sill, Optional.of(newFence), leaf);
    }

    public WayIn hung(Leaf newLeaf) {
        return new WayIn(id, name, place, width, swing, lifetime, sill, fence, Optional.of(newLeaf));
    }

    /**
     * What hangs or stands in a way in.
     *
     * @param hinges on which side they are, seen from where the gate opens inward to; of two leaves, and of a panel, of
     *     no matter
     * @param height of its upper edge above the ground, 0.3 to 3 m
     * @param latch of its latch above the ground, 0.2 to 2 m
     * @param clearance between its foot and the ground, 0 to 0.3 m
     */
    public record Leaf(Kind kind, Hand hinges, Length height, Length latch, Length clearance) {

        private static final Length LOWEST = Length.metres(0.3);
        private static final Length HIGHEST = Length.metres(3);

        private static final Length LOWEST_LATCH = Length.metres(0.2);
        private static final Length HIGHEST_LATCH = Length.metres(2);
        private static final Length WIDEST_CLEARANCE = Length.metres(0.3);

        /** How many leaves it has. */
        public enum Kind {
            SINGLE(1),
            DOUBLE(2),
            /** A piece of the fence that is unbolted and set aside. */
            PANEL(0);

            private final int leaves;

            Kind(int leaves) {
                this.leaves = leaves;
            }

            /** That swing. */
            public int leaves() {
                return leaves;
            }
        }

        /** A side of a gate. */
        public enum Hand {
            LEFT,
            RIGHT
        }

        public Leaf {
            Limits.present(kind, "kind");
            Limits.present(hinges, "hinges");
            Limits.between(height, LOWEST, HIGHEST, "height");
            Limits.between(latch, LOWEST_LATCH, HIGHEST_LATCH, "latch");
            Limits.between(clearance, Length.ZERO, WIDEST_CLEARANCE, "clearance");
            if (clearance.times(2).compareTo(height) > 0) {
                throw new RefusedException(
                        "clearance", "more is free below the gate than it is high", "raise the gate or hang it lower");
            }
        }

        public Leaf with(Kind newKind) {
            return new Leaf(newKind, hinges, height, latch, clearance);
        }

        public Leaf hinged(Hand newHinges) {
            return new Leaf(kind, newHinges, height, latch, clearance);
        }

        public Leaf high(Length newHeight) {
            return new Leaf(kind, hinges, newHeight, latch, clearance);
        }

        public Leaf latched(Length newLatch) {
            return new Leaf(kind, hinges, height, newLatch, clearance);
        }

        public Leaf cleared(Length newClearance) {
            return new Leaf(kind, hinges, height, latch, newClearance);
        }
    }
}
