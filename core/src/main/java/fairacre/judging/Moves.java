package fairacre.judging;

import fairacre.measure.Length;
import fairacre.plan.Change;
import java.util.function.BiFunction;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Ways to move a thing over the plot, nearest first. */
public final class Moves {

    /** Fine enough for what takes a barrow's ground, metres. */
    public static final double STEP = 0.5;
    /** So many are judged where that takes long. */
    public static final int MOST_TRIED = 24;

    private static final double FURTHEST = 12;
    private static final int DIRECTIONS = 16;

    private Moves() {}

    /**
     * @param way how far and to which side: "2.5 m right"
     * @param dx to the right on the drawing
     * @param dy up the drawing
     */
    public record Move<C extends Change>(String way, Length dx, Length dy, C change) {

        public Remedy remedy(String name) {
            return new Remedy("Move " + name + " " + way, change);
        }
    }

    /**
     * On circles round where it is.
     *
     * @param step the circles are so far apart, metres
     * @param moving makes the change for so much to the right and so much up the drawing
     */
    public static <C extends Change> Stream<Move<C>> of(
            Wording wording, double step, BiFunction<Length, Length, C> moving) {
        return DoubleStream.iterate(step, off -> off <= FURTHEST, off -> off + step)
                .boxed()
                .flatMap(off -> IntStream.range(0, DIRECTIONS).mapToObj(i -> moved(wording, moving, off, i)));
    }

    private static <C extends Change> Move<C> moved(
            Wording wording, BiFunction<Length, Length, C> moving, double off, int direction) {
        double x = off * Math.cos(2 * Math.PI * direction / DIRECTIONS);
        double y = off * Math.sin(2 * Math.PI * direction / DIRECTIONS);
        Length dx = Length.metres(x);
        Length dy = Length.metres(y);
        return new Move<>(
                wording.length(Length.metres(off)) + " " + wording.direction(x, y), dx, dy, moving.apply(dx, dy));
    }
}
