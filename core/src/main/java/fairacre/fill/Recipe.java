package fairacre.fill;

import fairacre.goods.BulkGood;
import fairacre.goods.Filling;
import fairacre.goods.Filling.Below;
import fairacre.goods.Filling.MixPart;
import java.util.List;
import java.util.Optional;

/**
 * The main schools of filling a bed, each with an honest sentence; all common practice. Any may be taken and altered.
 */
public enum Recipe {
    ONE_MIX(
            "One good mix all through",
            "The dearest; settles least, and nothing to wait for.",
            null,
            part(BulkGood.GARDEN_MIX, 1)),
    SOIL_AND_COMPOST(
            "Half topsoil, 30 % compost, 20 % leaf mould",
            "A sound all-rounder where good topsoil is to be had.",
            null,
            part(BulkGood.TOPSOIL, 50),
            part(BulkGood.COMPOST, 30),
            part(BulkGood.LEAF_MOULD, 20)),
    HALF_AND_HALF(
            "Half topsoil, half compost and leaf mould",
            "Rich and loose; needs a top-up sooner.",
            null,
            part(BulkGood.TOPSOIL, 2),
            part(BulkGood.COMPOST, 1),
            part(BulkGood.LEAF_MOULD, 1)),
    DEEP(
            "60 % topsoil, 40 % compost, for deep beds",
            "Holds its height in deep beds; heavy to carry.",
            null,
            part(BulkGood.TOPSOIL, 60),
            part(BulkGood.COMPOST, 40)),
    THIRDS(
            "Equal thirds: coir, compost, vermiculite",
            "Light and weed-free, easy on arms; dear, dries out and sinks.",
            null,
            part(BulkGood.PEAT_OR_COIR, 1),
            part(BulkGood.COMPOST, 1),
            part(BulkGood.VERMICULITE, 1)),
    WOOD_BELOW(
            "Wood below, soil and compost above",
            "Saves a third to a half of the bought soil in deep beds; sinks for years, and fresh wood ties up nitrogen in the first.",
            new Below(BulkGood.WOOD, 40),
            part(BulkGood.TOPSOIL, 60),
            part(BulkGood.COMPOST, 40)),
    SOIL_BELOW(
            "Topsoil below, good mix above",
            "Cheap where roots seldom go; keep 8 to 12 in (200 to 300 mm) of the good mix above.",
            new Below(BulkGood.TOPSOIL, 50),
            part(BulkGood.GARDEN_MIX, 1)),
    WITH_THE_GROUND(
            "Compost on loosened ground",
            "For beds in the ground and low mounds: the least to buy, a little every year.",
            null,
            part(BulkGood.COMPOST, 1));

    private final String label;
    private final String remark;
    private final Filling filling;

    Recipe(String label, String remark, Below below, MixPart... parts) {
        this.label = label;
        this.remark = remark;
        this.filling = new Filling(List.of(parts), Optional.ofNullable(below));
    }

    public String label() {
        return label;
    }

    public String remark() {
        return remark;
    }

    public Filling filling() {
        return filling;
    }

    /**
     * Whether it is spread over beds in the ground rather than filled into a box: {@link FillTakeoff#SPREAD} at first.
     */
    public boolean spread() {
        return this == WITH_THE_GROUND;
    }

    private static MixPart part(BulkGood good, int parts) {
        return new MixPart(good, parts);
    }
}
