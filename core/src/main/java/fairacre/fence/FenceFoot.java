package fairacre.fence;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.measure.Units;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * How a fence meets the ground.
 *
 * @param mesh what closes the foot; empty if nothing does
 * @param up how far the mesh stands up from the ground, or from the soil of the bed, 0 to 2 m
 * @param down how far it goes into that, or lies flat outwards, 0 to 2 m
 */
public record FenceFoot(Way way, Optional<Mesh> mesh, Length up, Length down) {

    private static final Length HIGHEST = Length.metres(2);

    /** Nothing is done about the foot. */
    public static final FenceFoot OPEN = new FenceFoot(Way.OPEN, Optional.empty(), Length.ZERO, Length.ZERO);

    /** Where the mesh of the foot goes. */
    public enum Way {
        OPEN,
        /** Into a narrow trench along the fence. */
        BURIED,
        /** Flat on the ground, outwards, pegged down; grass grows through it. */
        APRON,
        /** Into the soil of raised beds in which the fence stands. */
        BED
    }

    /** A fine mesh for the foot. */
    public enum Mesh {
        NETTING("Hexagonal netting, 1 in (25 mm)", Length.inches(1), new double[] {2, 3, 4}, new double[] {0.6, 0.9, 1.2
        }),
        CLOTH("Hardware cloth, 1/2 in (13 mm)", Length.inches(0.5), new double[] {2, 3, 4}, new double[] {0.6, 0.9, 1.2
        });

        private static final Length ROLL_IN_FEET = Length.feet(50);
        private static final Length ROLL_IN_METRES = Length.metres(15);

        private final String label;
        private final Length opening;
        private final double[] feet;
        private final double[] metres;

        Mesh(String label, Length opening, double[] feet, double[] metres) {
            this.label = label;
            this.opening = opening;
            this.feet = feet;
            this.metres = metres;
        }

        public String label() {
            return label;
        }

        public Length opening() {
            return opening;
        }

        /** Of its rolls, narrowest first. */
        List<Length> rollHeights(Units units) {
            return units == Units.METRIC
                    ? Arrays.stream(metres).mapToObj(Length::metres).toList()
                    : Arrays.stream(feet).mapToObj(Length::feet).toList();
        }

        Length rollLength(Units units) {
            return units == Units.METRIC ? ROLL_IN_METRES : ROLL_IN_FEET;
        }
    }

    public FenceFoot {
        Limits.present(way, "way");
        mesh = mesh == null ? Optional.empty() : mesh;
        Limits.between(up, Length.ZERO, HIGHEST, "up");
        Limits.between(down, Length.ZERO, HIGHEST, "down");
        boolean open = way == Way.OPEN;
        if (open && (mesh.isPresent() || up.isPositive() || down.isPositive())) {
            throw new RefusedException("way", "an open foot has no mesh", "choose buried or an apron");
        }
        if (!open && (mesh.isEmpty() || !down.isPositive())) {
            throw new RefusedException(
                    mesh.isEmpty() ? "mesh" : "down", "nothing closes the foot", "say which mesh, and how far it goes");
        }
    }

    /**
     * What is usual against rabbits: netting 2 ft up, and 6 in into the ground or a bed, or 1 ft flat outwards (common
     * practice).
     */
    public static FenceFoot usual(Way way, Units units) {
        boolean metric = units == Units.METRIC;
        Length up = metric ? Length.metres(0.6) : Length.feet(2);
        Length down = way == Way.APRON
                ? metric ? Length.metres(0.3) : Length.feet(1)
                : metric ? Length.metres(0.15) : Length.inches(6);
        return way == Way.OPEN ? OPEN : new FenceFoot(way, Optional.of(Mesh.NETTING), up, down);
    }

    static FenceFoot buried(Mesh mesh, Length up, Length down) {
        return new FenceFoot(Way.BURIED, Optional.of(mesh), up, down);
    }

    static FenceFoot apron(Mesh mesh, Length up, Length down) {
        return new FenceFoot(Way.APRON, Optional.of(mesh), up, down);
    }

    /** How wide the mesh has to be in all. */
    public Length width() {
        return up.plus(down);
    }
}
