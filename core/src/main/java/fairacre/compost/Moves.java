package fairacre.compost;

import fairacre.judging.Wording;
import fairacre.measure.Length;
import fairacre.plan.Put;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Ways to move compost bays, nearest first. */
final class Moves {

    private static final double STEP = 0.5;
    private static final double FURTHEST = 12;
    private static final int DIRECTIONS = 16;
    /** So many are judged: that takes long. */
    static final int MOST_TRIED = 24;

    private Moves() {}

    record Move(String words, Put<CompostBays> change) {}

    static Stream<Move> of(Wording wording, CompostBays bays) {
        return DoubleStream.iterate(STEP, off -> off <= FURTHEST, off -> off + STEP)
                .boxed()
                .flatMap(off -> IntStream.range(0, DIRECTIONS).mapToObj(i -> moved(wording, bays, off, i)));
    }

    private static Move moved(Wording wording, CompostBays bays, double off, int direction) {
        double dx = off * Math.cos(2 * Math.PI * direction / DIRECTIONS);
        double dy = off * Math.sin(2 * Math.PI * direction / DIRECTIONS);
        return new Move(
                "Move " + bays.name() + " " + wording.length(Length.metres(off)) + " " + wording.direction(dx, dy),
                Put.of(bays.shifted(Length.metres(dx), Length.metres(dy))));
    }
}
