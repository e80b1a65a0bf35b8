package fairacre.drawing;

import fairacre.drawing.Mark.Spot;
import fairacre.drawing.Mark.Stroke;
import fairacre.plan.Swing;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** A way in on paper: its two posts, and its leaf as it swings or slides. */
final class GateSymbol {

    /** Half a gate post, millimetres. */
    private static final double POST = 0.7;
    /** Parts of the quarter circle of a leaf. */
    private static final int PARTS = 12;

    private GateSymbol() {}

    /**
     * @param hinge the post that comes first on the way round the plot
     * @param other the other post
     */
    static List<Mark> of(Spot hinge, Spot other, Swing swing) {
        Stream<Mark> posts = Stream.of(post(hinge), post(other));
        Stream<Mark> leaf = switch (swing) {
            case OPEN -> Stream.of();
            case SLIDING -> Stream.of(Stroke.line(Pens.PEN, hinge, other));
            case INWARD -> Stream.of(leaf(hinge, other, -1));
            case OUTWARD -> Stream.of(leaf(hinge, other, 1));
        };
        return Stream.concat(posts, leaf).toList();
    }

    private static Mark post(Spot at) {
        return new Stroke(
                List.of(
                        new Spot(at.x() - POST, at.y() - POST),
                        new Spot(at.x() + POST, at.y() - POST),
                        new Spot(at.x() + POST, at.y() + POST),
                        new Spot(at.x() - POST, at.y() + POST)),
                true,
                Pens.FINE,
                true);
    }

    /**
     * From the hinge to the end of the open leaf, and on a quarter circle to the other post. The plot lies to the left
     * of its sides; on paper y points down.
     *
     * @param quarter turns clockwise of the open leaf
     */
    private static Mark leaf(Spot hinge, Spot other, int quarter) {
        double along = Math.atan2(other.y() - hinge.y(), other.x() - hinge.x());
        double wide = Math.hypot(other.x() - hinge.x(), other.y() - hinge.y());
        List<Spot> spots = new ArrayList<>(List.of(hinge));
        for (int i = 0; i <= PARTS; i++) {
            double angle = along + quarter * Math.PI / 2 * (PARTS - i) / PARTS;
            spots.add(new Spot(hinge.x() + wide * Math.cos(angle), hinge.y() + wide * Math.sin(angle)));
        }
        return new Stroke(spots, false, Pens.FINE, false);
    }
}
