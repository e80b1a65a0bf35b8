package fairacre.goods;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;

/**
 * One layer of a walk as it lies when it is finished.
 *
 * @param depth 5 mm to 0.6 m of loose stuff; zero for what is bought by area, whose thickness is
 *     {@link LayerKind#thickness}
 */
public record Layer(LayerKind kind, Length depth) {

    private static final Length THINNEST = Length.millimetres(5);
    private static final Length DEEPEST = Length.metres(0.6);

    public Layer {
        Limits.present(kind, "kind");
        depth = depth == null ? Length.ZERO : depth;
        if (kind.good().isPresent()) {
            Limits.between(depth, THINNEST, DEEPEST, "depth");
        } else if (!depth.equals(Length.ZERO)) {
            throw new RefusedException(
                    "depth", kind.label() + " is bought by area and has no depth to choose", "leave it out");
        }
    }

    /** What it adds to the height of the walk. */
    public Length thickness() {
        return kind.good().isPresent() ? depth : Length.metres(kind.thickness());
    }
}
