package fairacre.trellis;

import fairacre.arch.Arch;
import fairacre.fence.PostKind;
import fairacre.fence.PushedPost;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.outline.Point;
import fairacre.plan.Plan;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What a trellis is put together of. */
final class TrellisFrame {

    /** Wires are stretched one above the other so far apart (common practice). */
    private static final Length BETWEEN_WIRES = Length.inches(18);
    /** Canes of a teepee stand round its foot so far apart (common practice). */
    private static final Length BETWEEN_CANES = Length.inches(12);

    private static final int FEWEST_CANES = 3;
    /** Stakes and canes are pushed in so deep (common practice). */
    static final Length PUSHED_IN = Length.inches(12);
    /** A stake is a strip of panel so wide: two of its meshes of 4 in. */
    static final Length STRIP = Length.inches(8);
    /** Below a row of panels so much may stay open; strings lead plants up to it (common practice). */
    private static final Length OPEN_BELOW = Length.feet(2);

    /** Lengths that differ by less are the same: rounding to micrometres, metres. */
    private static final double HAIR = 3e-6;

    private final Plan plan;
    private final Trellis trellis;

    TrellisFrame(Plan plan, Trellis trellis) {
        this.plan = plan;
        this.trellis = trellis;
    }

    /** Where along its line posts, stakes, feet or the middles of teepees stand, metres from its beginning. */
    List<Double> marks() {
        double length = trellis.length().metres();
        double apart = trellis.apart().metres();
        return switch (trellis.kind()) {
            case STAKES -> evenly(0, Math.floor((length + HAIR) / apart) * apart, apart);
            case TEEPEE -> teepees(length);
            case NETTING, WIRES, PANEL, A_FRAME -> posts(apart);
        };
    }

    private List<Double> teepees(double length) {
        double base = trellis.base().metres();
        int count = Math.max(1, (int) Math.floor((length + HAIR) / base));
        double first = (length - count * base) / 2 + base / 2;
        List<Double> middles = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            middles.add(first + i * base);
        }
        return middles;
    }

    /** At each corner, and evenly between. */
    private List<Double> posts(double apart) {
        List<Double> marks = new ArrayList<>(List.of(0.0));
        double at = 0;
        List<Point> places = trellis.places();
        for (int i = 1; i < places.size(); i++) {
            double side = places.get(i).distance(places.get(i - 1)).metres();
            int spans = Math.max(1, (int) Math.ceil((side - HAIR) / apart));
            for (int j = 1; j <= spans; j++) {
                marks.add(at + side * j / spans);
            }
            at += side;
        }
        return marks;
    }

    private static List<Double> evenly(double from, double to, double apart) {
        List<Double> marks = new ArrayList<>();
        for (int i = 0; from + i * apart <= to + HAIR; i++) {
            marks.add(from + i * apart);
        }
        return marks;
    }

    /** The widest of its spans. */
    Length widestSpan() {
        List<Double> marks = marks();
        double widest = 0;
        for (int i = 1; i < marks.size(); i++) {
            widest = Math.max(widest, marks.get(i) - marks.get(i - 1));
        }
        return Length.metres(widest);
    }

    /** One of its posts in the row, which bears the wind on one span in full leaf; empty where none is set. */
    Optional<PushedPost> post() {
        if (!trellis.setsPosts()) {
            return Optional.empty();
        }
        double force = trellis.wind().onLeaves()
                * trellis.height().metres()
                * widestSpan().metres();
        return Optional.of(PushedPost.of(trellis.posts(), trellis.height(), force, plan));
    }

    /** Square metres of net or panel that cover it; of panels that are cut up, of all of them. */
    double area() {
        double length = trellis.length().metres();
        return switch (trellis.kind()) {
            case NETTING -> length * trellis.height().metres();
            case PANEL -> length * Math.min(trellis.height().metres(), rows() * Arch.USUAL_WIDTH.metres());
            case STAKES -> panelsCut() * Arch.USUAL_PANEL.metres() * Arch.USUAL_WIDTH.metres();
            case A_FRAME -> 2 * length * trellis.slant().metres();
            case WIRES, TEEPEE -> 0;
        };
    }

    /** Of panels, one above the other. */
    int rows() {
        double covered = trellis.height().minus(OPEN_BELOW).metres();
        return Math.max(1, (int) Math.ceil((covered - HAIR) / Arch.USUAL_WIDTH.metres()));
    }

    /** Of the usual size, for the strips that its stakes are. */
    private int panelsCut() {
        int across = (int) ((Arch.USUAL_WIDTH.metres() + HAIR) / STRIP.metres());
        int along = (int) ((Arch.USUAL_PANEL.metres() + HAIR) / stake().metres());
        return (int) Math.ceil((double) marks().size() / (across * along));
    }

    /** The length of a strip. */
    Length stake() {
        return trellis.height().plus(PUSHED_IN);
    }

    int wires() {
        return trellis.kind() == TrellisKind.WIRES
                ? Math.max(1, (int) Math.floor((trellis.height().metres() + HAIR) / BETWEEN_WIRES.metres()))
                : 0;
    }

    /** How high what it is stretched on pulls: the mean of its wires; a net hangs from its top. */
    Length middleOfWires() {
        int wires = wires();
        return wires == 0 ? trellis.height() : Length.metres(trellis.height().metres() * (wires + 1) / (2 * wires));
    }

    /** Of each teepee; none of anything else. */
    int canes() {
        return trellis.kind() == TrellisKind.TEEPEE
                ? Math.max(
                        FEWEST_CANES, (int) Math.round(Math.PI * trellis.base().metres() / BETWEEN_CANES.metres()))
                : 0;
    }

    /** How long a cane has to be. */
    Length cane() {
        return trellis.slant().plus(PUSHED_IN);
    }

    /** The shortest on sale that is long enough; empty where none is. */
    Optional<Length> caneBought() {
        return canesOnSale(plan.units()).stream()
                .filter(length -> length.compareTo(cane()) >= 0)
                .findFirst();
    }

    static List<Length> canesOnSale(Units units) {
        return PostKind.CANES.lengths(units);
    }
}
