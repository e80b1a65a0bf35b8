package fairacre.frame;

import fairacre.build.Masonry;
import fairacre.build.Wall;
import fairacre.goods.LayerKind;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.measure.Volume;
import fairacre.outline.Polygons;
import fairacre.plan.BedRevision;
import fairacre.shape.Insets;
import java.util.Optional;

/**
 * What a low wall is built of, round a bed or along a line. Its face is measured along its middle, so that corners
 * count once.
 *
 * <p>It stands on crushed base: a trench twice as wide as the wall and 6 in deep (common practice for low walls; where
 * frost goes deep, and under mortar, local codes may want concrete).
 *
 * @param pieces blocks or bricks with their waste; of stone, tonnes
 * @param bags of mortar of 80 lb (36 kg); 0 for what is laid dry
 * @param footing crushed base when it is compacted; none where the wall stands already
 */
public record MasonryTakeoff(Masonry kind, Area face, double pieces, double bags, Volume footing) {

    static final Length FOOTING_DEPTH = Length.inches(6);
    static final int FOOTING_WIDTHS = 2;

    /** Empty for a bed without a wall. */
    public static Optional<MasonryTakeoff> of(BedRevision bed) {
        return onTop(bed, 0);
    }

    /** Of the courses that come on top of so many that stand already. */
    public static Optional<MasonryTakeoff> onTop(BedRevision bed, int there) {
        return bed.build().wall().map(wall -> of(bed, wall, there));
    }

    private static MasonryTakeoff of(BedRevision bed, Wall wall, int there) {
        Masonry kind = wall.kind();
        double length = Insets.of(
                        Polygons.of(bed.cornersUnplaced()), kind.thickness().metres() / 2)
                .getLength();
        return along(kind, length, wall.courses() - there, there == 0);
    }

    /**
     * Of courses along a line.
     *
     * @param length of its middle line, metres
     * @param onFooting whether its footing is laid too
     */
    public static MasonryTakeoff along(Masonry kind, double length, int courses, boolean onFooting) {
        double face = length * kind.course().metres() * courses;
        double net = face * kind.perSquareMetre();
        return new MasonryTakeoff(
                kind,
                Area.squareMetres(face),
                net * (1 + kind.wastePercent() / 100.0),
                kind.perBag() == 0 ? 0 : net / kind.perBag(),
                onFooting ? footing(length, kind) : Volume.ZERO);
    }

    /** The base in bulk, more of it than lies there when it is compacted. */
    public Volume footingOrdered() {
        return Volume.litres(footing.litres() * LayerKind.BASE.ordered());
    }

    private static Volume footing(double length, Masonry kind) {
        return Volume.prism(
                Area.squareMetres(length * FOOTING_WIDTHS * kind.thickness().metres()), FOOTING_DEPTH);
    }
}
