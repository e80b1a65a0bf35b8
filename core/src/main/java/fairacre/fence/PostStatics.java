package fairacre.fence;

import fairacre.measure.Length;
import fairacre.measure.Volume;

/**
 * What a post bears that is pulled or pushed sideways. Forces are in newtons, moments in newton metres, stresses in
 * megapascals.
 */
final class PostStatics {

    static final double GRAVITY = 9.80665;

    /** How hard a fence is stretched by hand, newtons to the metre of its height (from memory). */
    private static final double STRETCHED = 2500;
    /** Concrete, and gravel rammed in, kilograms to the cubic metre (common practice). */
    private static final double CONCRETE = 2300;

    private static final double GRAVEL = 1800;

    /**
     * What the ground bears sideways by its depth, pascals to the metre: 100 psf to the foot, of clay, the softest
     * class that may be presumed (International Building Code, table 1806.2, from memory).
     */
    static final double SOFT_GROUND = 100 * 47.88026 / 0.3048;
    /**
     * A post that may give half an inch is allowed twice as much (International Building Code 1806.3.4, from memory).
     */
    private static final double MAY_GIVE = 2;
    /** Bending that is allowed in a wooden post that is wet, MPa (from memory: 700 to 850 psi, the lower). */
    private static final double WOOD = 4.8;
    /** In a post of mild steel, MPa: 0.6 of its yield strength of 235 MPa (from memory). */
    private static final double STEEL = 141;
    /** Wall of a steel post, metres. */
    private static final double WALL = 0.0029;

    private static final double CLOSE = 1e-6;

    private PostStatics() {}

    /** The least that a post bears in its outermost fibre before it breaks or bends. */
    static double allowed(PostKind kind) {
        return kind == PostKind.DRIVEN_STEEL ? STEEL : WOOD;
    }

    /** Moment over section modulus: of a square post {@code b^3 / 6}, of a tube {@code pi (D^4 - d^4) / (32 D)}. */
    static double stress(PostKind kind, boolean strong, double moment) {
        double width = kind.width(strong).metres();
        double inner = inner(kind, strong);
        double modulus = kind == PostKind.DRIVEN_STEEL
                ? Math.PI * (Math.pow(width, 4) - Math.pow(inner, 4)) / (32 * width)
                : Math.pow(width, 3) / 6;
        return moment / modulus / 1e6;
    }

    /** Of its material, square metres. */
    static double section(PostKind kind, boolean strong) {
        double width = kind.width(strong).metres();
        return kind == PostKind.DRIVEN_STEEL
                ? Math.PI / 4 * (Math.pow(width, 2) - Math.pow(inner(kind, strong), 2))
                : Math.pow(width, 2);
    }

    /** Of a tube, metres. */
    private static double inner(PostKind kind, boolean strong) {
        return kind.width(strong).metres() - 2 * WALL;
    }

    /**
     * How a stretched fence lifts the braced post at its end: it turns the pair of posts over with its pull at half its
     * height, and their feet hold against that with their distance as lever.
     */
    static FenceTold.Uplift uplift(Fence fence, Length span, Volume fill) {
        double height = fence.height().metres();
        double density = fence.posts() == PostKind.WOOD_IN_CONCRETE ? CONCRETE : GRAVEL;
        return new FenceTold.Uplift(
                STRETCHED * height * height / 2 / span.metres(), fill.litres() / 1000 * density * GRAVITY);
    }

    /**
     * How deep a post stands that is free at the ground: {@code d = A/2 (1 + sqrt(1 + 4.36 h / A))} with {@code A =
     * 2.34 P / (S b)}, where {@code S} is what the ground bears at a third of the depth (International Building Code
     * 1807.3.2.1, from memory). Nothing for no force.
     *
     * @param force sideways
     * @param above the ground, metres
     * @param broad of the post or its footing, metres
     */
    static Length embedment(double force, double above, double broad) {
        double less = 0;
        double more = 100;
        while (more - less > CLOSE) {
            double depth = (less + more) / 2;
            double ground = MAY_GIVE * SOFT_GROUND * depth / 3;
            double a = 2.34 * force / (ground * broad);
            boolean holds = force <= 0 || a / 2 * (1 + Math.sqrt(1 + 4.36 * above / a)) <= depth;
            less = holds ? less : depth;
            more = holds ? depth : more;
        }
        return Length.metres(more);
    }
}
