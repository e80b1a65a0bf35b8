package fairacre.cost;

import fairacre.bill.Acquired;
import fairacre.bill.BillLine;
import fairacre.bill.BillPart;
import fairacre.bill.Packs;
import fairacre.bill.PriceItem;
import fairacre.goods.GoodsPrices;
import fairacre.goods.LayerKind;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.plan.Plan;
import fairacre.surface.LayerTakeoff;
import fairacre.surface.SurfacePrices;
import fairacre.surface.WalkTakeoff;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.joda.money.Money;

/**
 * What the walks put on the bill by area and length, in whole units, each stuff once a season over all its walks. Their
 * loose stuff is bought with all other ({@link LooseGoods}).
 */
final class WalkCosts {

    private final Plan plan;
    private final Function<PriceItem, Optional<Money>> price;

    WalkCosts(Plan plan, Function<PriceItem, Optional<Money>> price) {
        this.plan = plan;
        this.price = price;
    }

    List<BillLine> lines(List<WalkTakeoff> walks) {
        List<BillLine> lines = new ArrayList<>();
        Map<Integer, List<WalkTakeoff>> bySeason =
                walks.stream().collect(Collectors.groupingBy(WalkTakeoff::season, TreeMap::new, Collectors.toList()));
        bySeason.forEach((season, made) -> {
            Arrays.stream(LayerKind.values())
                    .filter(kind -> kind.good().isEmpty())
                    .forEach(kind -> addLayer(season, kind, made, lines));
            addEdging(season, made, lines);
        });
        return lines;
    }

    private void addLayer(int season, LayerKind kind, List<WalkTakeoff> walks, List<BillLine> lines) {
        List<WalkTakeoff> with = walks.stream()
                .filter(walk -> !walk.area().isZero() && !layers(walk, kind).isEmpty())
                .toList();
        if (with.isEmpty()) {
            return;
        }
        List<LayerTakeoff> layers =
                with.stream().flatMap(walk -> layers(walk, kind).stream()).toList();
        Area covered = layers.stream().map(LayerTakeoff::covered).reduce(Area.ZERO, Area::plus);
        double units = Packs.of(covered, plan.units());
        lines.add(line(season, GoodsPrices.area(kind, plan.units()), Packs.whole(units), with)
                .using(Packs.used(units)));
    }

    private void addEdging(int season, List<WalkTakeoff> walks, List<BillLine> lines) {
        List<WalkTakeoff> edged =
                walks.stream().filter(walk -> walk.edging().isPositive()).toList();
        Length length = edged.stream().map(WalkTakeoff::edging).reduce(Length.ZERO, Length::plus);
        if (length.isPositive()) {
            double units = Packs.of(length, plan.units());
            lines.add(line(season, SurfacePrices.edging(plan.units()), Packs.whole(units), edged)
                    .using(Packs.used(units)));
        }
    }

    private static List<LayerTakeoff> layers(WalkTakeoff walk, LayerKind kind) {
        return walk.layers().stream()
                .filter(layer -> layer.layer().kind() == kind)
                .toList();
    }

    private BillLine line(int season, PriceItem item, BigDecimal quantity, List<WalkTakeoff> walks) {
        return BillLine.of(
                season,
                BillPart.WALKS,
                item,
                quantity,
                price.apply(item),
                Acquired.BOUGHT,
                List.of(),
                walks.stream().map(WalkTakeoff::walk).sorted().toList(),
                plan.currency());
    }
}
