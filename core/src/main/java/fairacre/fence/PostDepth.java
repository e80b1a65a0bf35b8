package fairacre.fence;

import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.measure.Volume;
import java.util.List;

/**
 * How deep posts stand, and what fills their holes: a third of the whole length is in the ground, at least 24 in, in
 * concrete below the frost; a hole is three times as wide as its post (common practice).
 */
final class PostDepth {

    private static final Length SHALLOWEST = Length.inches(24);
    private static final Length CANE = Length.inches(12);
    private static final int HOLE = 3;

    /** Yield of a bag of post mix, litres: 80 lb make 0.60 cu ft, 20 kg 9 to 10 litres (common practice). */
    private static final double LITRES_OF_80_LB = 0.60 * 28.316846592;

    private static final double LITRES_OF_20_KG = 9;

    private PostDepth() {}

    /** @param frost how deep the ground freezes */
    static Length of(PostKind kind, Length height, Length frost) {
        if (kind == PostKind.CANES) {
            return CANE;
        }
        if (kind == PostKind.EXISTING) {
            return Length.ZERO;
        }
        Length depth = Length.max(height.half(), SHALLOWEST);
        return kind == PostKind.WOOD_IN_CONCRETE ? Length.max(depth, frost) : depth;
    }

    /** The shortest of those on sale that is long enough; the longest where none is. */
    static Length bought(PostKind kind, Length needed, Units units) {
        List<Length> lengths = kind.lengths(units);
        return lengths.stream()
                .filter(length -> length.compareTo(needed) >= 0)
                .findFirst()
                .orElse(lengths.get(lengths.size() - 1));
    }

    static Length hole(PostKind kind, boolean strong) {
        return kind.dug() ? kind.width(strong).times(HOLE) : kind.width(strong);
    }

    /** What fills the hole round the post: a round hole less a square post. */
    static Volume fill(PostKind kind, boolean strong, Length depth) {
        if (!kind.dug()) {
            return Volume.litres(0);
        }
        double post = kind.width(strong).metres();
        double hole = hole(kind, strong).metres();
        return Volume.litres(1000 * depth.metres() * (Math.PI / 4 * hole * hole - post * post));
    }

    /** Bags of post mix for so much concrete, before they are rounded up. */
    static double bags(Volume concrete, Units units) {
        return concrete.litres() / (units == Units.METRIC ? LITRES_OF_20_KG : LITRES_OF_80_LB);
    }
}
