package fairacre.surface;

import fairacre.goods.Layer;
import fairacre.goods.LayerKind;
import fairacre.goods.Surfacing;
import fairacre.measure.Length;
import java.util.List;

/** The usual build-up of each surface and what it asks for later; all common practice. */
public final class BuildUps {

    private BuildUps() {}

    /** Layers from the lowest up; none for bare soil. */
    public static List<Layer> usual(Surfacing surface) {
        return switch (surface) {
            case WOOD_CHIP -> List.of(sheet(LayerKind.CARDBOARD), loose(LayerKind.CHIP, 4));
            case LOOSE_GRAVEL -> List.of(loose(LayerKind.BASE, 4), loose(LayerKind.STONE, 2));
            case STABILISED_GRAVEL -> List.of(loose(LayerKind.BASE, 4), loose(LayerKind.FINES, 2));
            case PAVERS -> List.of(loose(LayerKind.BASE, 4), loose(LayerKind.SAND, 1), sheet(LayerKind.PAVERS));
            case BOARDS -> List.of(sheet(LayerKind.DECKING));
            case RUBBER -> List.of(sheet(LayerKind.MATTING));
            case GRASS -> List.of(sheet(LayerKind.TURF));
            case BARE_SOIL -> List.of();
        };
    }

    /** What keeping it takes, in one sentence. */
    public static String upkeep(Surfacing surface) {
        return switch (surface) {
            case WOOD_CHIP ->
                "Loses about half its depth as it settles and rots: top up every two to three years, every five to ten if laid 8 to 10 in "
                        + "(200 to 250 mm) deep; weeds lift out easily and it feeds the soil.";
            case LOOSE_GRAVEL -> "Rake and weed it; it needs an edging, and no fabric beneath.";
            case STABILISED_GRAVEL -> "Firm for wheels and sticks; rake and roll it again after hard winters.";
            case PAVERS -> "Best for wheels and sticks, and only swept; the dearest to lay.";
            case BOARDS -> "Dry feet at once; slippery when wet, and they rot from below.";
            case RUBBER -> "Unrolled in an hour; gets hot in the sun.";
            case GRASS -> "The cheapest to make and the dearest to keep: mow it, and trim every edge, all summer.";
            case BARE_SOIL -> "Costs nothing; mud in the wet, and to be hoed.";
        };
    }

    private static Layer sheet(LayerKind kind) {
        return new Layer(kind, Length.ZERO);
    }

    private static Layer loose(LayerKind kind, int inches) {
        return new Layer(kind, Length.inches(inches));
    }
}
