package fairacre.hoop;

import fairacre.build.Board;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.takeoff.Sawn;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Strips of wood that are ripped off the width of boards. */
final class Strips {

    /** A strip bends dry to so many times its thickness. */
    private static final double BENDS = 125;
    /** None is sawn thinner, millimetres. */
    private static final double THINNEST = 3;

    private static final double MILLIMETRES = 1000;
    /** Exactly as thick as may be is thin enough, and exactly as many as fit on a board fit on it. */
    private static final double HAIR = 1e-6;

    private Strips() {}

    /** What the outside of a bow of the thinnest strips is stretched at the tightest, by its middle line. */
    static double stretch(double thickMillimetres) {
        double thinnest = thickMillimetres / most(thickMillimetres);
        return thickMillimetres / (2 * (BENDS * thinnest + thickMillimetres / 2));
    }

    /** Of so many a bow is glued up at most. */
    private static int most(double thickMillimetres) {
        return (int) Math.floor(thickMillimetres / THINNEST + HAIR);
    }

    /**
     * The fewest strips of which a bow is glued up; no more than can be sawn, if it is bent too tightly.
     *
     * @param thick all of them
     * @param tightest radius of the bow's middle line; its innermost strip is bent to half the thickness less
     */
    static int count(Length thick, Length tightest) {
        double inner = tightest.metres() - thick.metres() / 2;
        int most = most(thick.metres() * MILLIMETRES);
        return inner <= 0 ? most : Math.max(1, Math.min(most, (int) Math.ceil(thick.metres() * BENDS / inner - HAIR)));
    }

    /** How many come off the width of a board. */
    static int toABoard(Board board, Length thick, Length kerf) {
        return (int) Math.max(
                1, Math.floor((board.width().metres() + kerf.metres()) / (thick.metres() + kerf.metres()) + HAIR));
    }

    /**
     * The pieces of boards that strips are ripped from, those that are nearly as long off one piece. Where no board is
     * so long, a strip is of several parts, end to end.
     */
    static List<Length> pieces(List<Length> strips, int toABoard, Board board, Units units) {
        List<Length> longestFirst =
                strips.stream().sorted(Comparator.reverseOrder()).toList();
        return IntStream.range(0, strips.size())
                .filter(i -> i % toABoard == 0)
                .mapToObj(longestFirst::get)
                .flatMap(longest -> Sawn.pieces(longest.metres(), 1, board, units).stream())
                .toList();
    }

    static Stream<Length> times(int count, List<Length> lengths) {
        return IntStream.range(0, count).boxed().flatMap(i -> lengths.stream());
    }
}
