package fairacre.fill;

import fairacre.goods.BulkGood;
import fairacre.goods.Filling;
import fairacre.goods.Filling.MixPart;
import fairacre.goods.Supply;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The mix that uses what is on hand up evenly: of each good that roots grow in as many parts as there are litres of it.
 */
public final class OwnMix {

    private static final Set<BulkGood> GROWN_IN = EnumSet.of(
            BulkGood.GARDEN_MIX,
            BulkGood.TOPSOIL,
            BulkGood.COMPOST,
            BulkGood.PEAT_OR_COIR,
            BulkGood.VERMICULITE,
            BulkGood.LEAF_MOULD,
            BulkGood.MANURE);

    private OwnMix() {}

    /** Empty if nothing that roots grow in is on hand. */
    public static Optional<Filling> of(Supply supply) {
        List<MixPart> parts = supply.onHand().stream()
                .filter(one -> GROWN_IN.contains(one.good()))
                .map(one -> new MixPart(
                        one.good(), (int) Math.max(1, Math.round(one.volume().litres()))))
                .toList();
        return parts.isEmpty() ? Optional.empty() : Optional.of(new Filling(parts, Optional.empty()));
    }
}
