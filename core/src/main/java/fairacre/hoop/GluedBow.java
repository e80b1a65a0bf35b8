package fairacre.hoop;

import fairacre.build.Board;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.plan.Plan;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;

/**
 * A bow that is glued up of strips on a form: of as few as bend to its tightest place. A strip that lies further out by
 * so much is longer by that times the angle through which the bow turns. Glue: 250 g to a square metre of joint;
 * clamps: one every 6 in of the outermost strip (common practice).
 *
 * @param board that the strips are ripped from
 * @param strips how many lie on each other
 * @param thickness of each
 * @param layers length of each, with the feet, the innermost first
 * @param toABoard strips that come off the width of a board
 * @param left of its width, when they are off
 * @param glue kilograms for one bow
 * @param clamps for one bow
 */
public record GluedBow(
        Board board,
        int strips,
        Length thickness,
        List<Length> layers,
        int toABoard,
        Length left,
        double glue,
        int clamps) {

    /** To be read before strips are sawn. */
    public static final String CAUTION =
            "Rip strips with the blade guard and a push stick, with eyes, ears and lungs protected; let nobody stand"
                    + " behind the saw. Try one dry strip on the form before you glue.";

    private static final double GLUE = 0.25;
    private static final Length BETWEEN_CLAMPS = Length.inches(6);

    /**
     * @param pipe one that is glued
     * @param feet what of a bow is in the soil or in sleeves, both feet together
     */
    public static GluedBow of(Plan plan, HoopPipe pipe, Bow bow, Length feet) {
        Board board = pipe.stripBoard(plan.units());
        Length kerf = plan.workshop().kerf();
        int strips = Strips.count(pipe.diameter(), bow.tightest());
        Length thickness = new Length(pipe.diameter().micrometres() / strips);
        List<Length> layers = layers(bow, feet, pipe.diameter(), strips);
        int toABoard = Strips.toABoard(board, thickness, kerf);
        Length outer = layers.get(strips - 1);
        return new GluedBow(
                board,
                strips,
                thickness,
                layers,
                toABoard,
                Length.max(Length.ZERO, board.width().minus(thickness.plus(kerf).times(toABoard))),
                GLUE * (strips - 1) * board.thickness().metres() * outer.metres(),
                (int) Math.ceil(outer.metres() / BETWEEN_CLAMPS.metres()) + 1);
    }

    private static List<Length> layers(Bow bow, Length feet, Length thick, int strips) {
        double each = thick.metres() / strips;
        return IntStream.range(0, strips)
                .mapToObj(i -> Length.metres(
                        bow.length().plus(feet).metres() + bow.turn() * ((i + 0.5) * each - thick.metres() / 2)))
                .toList();
    }

    /** Pieces of its board for so many bows. */
    public List<Length> boards(int bows, Units units) {
        return Strips.pieces(Strips.times(bows, layers).toList(), toABoard, board, units);
    }

    /** Pieces of its board for so many straight sticks as thick as the bow, ripped in one. */
    public List<Length> sticks(int count, Length length, Plan plan) {
        Length thick = new Length(thickness.micrometres() * strips);
        return Strips.pieces(
                Collections.nCopies(count, length),
                Strips.toABoard(board, thick, plan.workshop().kerf()),
                board,
                plan.units());
    }
}
