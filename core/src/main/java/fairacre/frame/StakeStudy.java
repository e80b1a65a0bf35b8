package fairacre.frame;

import fairacre.build.Board;
import fairacre.build.Frame;
import fairacre.measure.Length;

/**
 * The stakes that keep a side from bowing, each a cantilever out of the ground.
 *
 * <p>Wet soil presses with K rho g z at a depth z below the rim, as {@link BowStudy} has it. A side of height H so puts
 * a moment of K rho g H^3 / 6 on each metre at the ground (a triangular load on a cantilever, any beam table), and a
 * stake takes that of its spacing. A stake of breadth b and depth d holds f b d^2 / 6. Slim stakes are taken where they
 * hold, else stout ones, else more of these. They go into the ground as deep as the frame is high, and 18 in at least
 * (common practice); that the ground holds them is not reckoned.
 */
final class StakeStudy {

    /**
     * What wood outdoors bears in bending for years, Pa: strength class C16, 16 MPa, with k_mod 0.5 for a permanent
     * load in service class 3 and a safety of 1.3 (EN 338, EN 1995-1-1 tables 2.3 and 3.1, from memory).
     */
    static final double STRENGTH = 16e6 * 0.5 / 1.3;
    /** A stake goes as deep as a spade and a half. */
    static final Length LEAST_DEPTH = Length.inches(18);
    /** Stakes closer than this would be a wall of their own, metres. */
    private static final double CLOSEST = 0.3;

    private StakeStudy() {}

    /**
     * @param height of the soil behind the side, part-courses included
     * @param length of the side
     * @param supports that its boards need, not fewer than one
     */
    static Stakes of(Frame frame, Length height, Length length, int supports) {
        double each = moment(height.metres());
        Board slim = frame.board().slimPost();
        Board stout = frame.board().stoutPost();
        Length depth = Length.max(LEAST_DEPTH, height);
        double spacing = length.metres() / (supports + 1);
        if (each * spacing <= capacity(slim)) {
            return new Stakes(slim, supports, height.plus(depth), depth);
        }
        double furthest = Math.max(CLOSEST, capacity(stout) / each);
        int needed = Math.max(supports, (int) Math.ceil(length.metres() / furthest - 1e-9) - 1);
        return new Stakes(stout, needed, height.plus(depth), depth);
    }

    /** At the ground on each metre of a side of so many metres of height, N m. */
    static double moment(double height) {
        return BowStudy.AT_REST * BowStudy.WET_SOIL * BowStudy.GRAVITY * Math.pow(height, 3) / 6;
    }

    /** What a stake holds, N m. */
    static double capacity(Board stake) {
        return STRENGTH * stake.width().metres() * Math.pow(stake.thickness().metres(), 2) / 6;
    }
}
