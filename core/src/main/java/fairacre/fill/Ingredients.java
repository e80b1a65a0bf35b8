package fairacre.fill;

import fairacre.goods.BulkGood;
import fairacre.goods.Filling;
import fairacre.measure.Volume;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;

/**
 * How much of each good fills a volume, in the order of the goods. Parts are shares of the volume as it lies: that
 * coarse stuff takes in fine stuff is left out, as recipes do.
 */
public final class Ingredients {

    private Ingredients() {}

    /**
     * Of the whole of a bed, what lies below the mix included. The last millilitre goes to the last part, so that all
     * add up.
     */
    public static SortedMap<BulkGood, Volume> of(Filling filling, Volume whole) {
        Map<BulkGood, Volume> goods = new EnumMap<>(BulkGood.class);
        Volume below = filling.below()
                .map(b -> Volume.litres(whole.litres() * b.percent() / 100))
                .orElse(Volume.ZERO);
        filling.below().ifPresent(b -> add(goods, b.good(), below));
        Volume mix = whole.lessOrNone(below);
        Volume rest = mix;
        int last = filling.parts().size() - 1;
        for (int i = 0; i <= last; i++) {
            Filling.MixPart part = filling.parts().get(i);
            Volume share = i == last ? rest : Volume.litres(mix.litres() * part.parts() / filling.whole());
            rest = rest.lessOrNone(share);
            add(goods, part.good(), share);
        }
        return Collections.unmodifiableSortedMap(new TreeMap<>(goods));
    }

    private static void add(Map<BulkGood, Volume> goods, BulkGood good, Volume volume) {
        if (volume.millilitres() > 0) {
            goods.merge(good, volume, Volume::plus);
        }
    }
}
