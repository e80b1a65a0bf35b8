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
import fairacre.surface.DrainTakeoff;
import fairacre.surface.SurfacePrices;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.joda.money.Money;

/**
 * What the drains of a season put on the bill, all of them together: pipe and fabric. Their stone is bought with all
 * loose goods.
 */
final class DrainCosts {

    private final Plan plan;
    private final Function<PriceItem, Optional<Money>> price;

    DrainCosts(Plan plan, Function<PriceItem, Optional<Money>> price) {
        this.plan = plan;
        this.price = price;
    }

    List<BillLine> lines() {
        Map<Integer, List<DrainTakeoff>> bySeason = DrainTakeoff.of(plan).stream()
                .collect(Collectors.groupingBy(DrainTakeoff::season, TreeMap::new, Collectors.toList()));
        List<BillLine> lines = new ArrayList<>();
        bySeason.forEach((season, drains) -> add(season, drains, lines));
        return lines;
    }

    private void add(int season, List<DrainTakeoff> drains, List<BillLine> lines) {
        Length pipe = drains.stream().map(DrainTakeoff::pipe).reduce(Length.ZERO, Length::plus);
        double lengths = Packs.of(pipe, plan.units());
        lines.add(line(season, SurfacePrices.drainPipe(plan.units()), Packs.whole(lengths), drains)
                .using(Packs.used(lengths)));
        Area fabric = drains.stream().map(DrainTakeoff::fabric).reduce(Area.ZERO, Area::plus);
        double squares = Packs.of(fabric, plan.units());
        lines.add(line(season, GoodsPrices.area(LayerKind.FABRIC, plan.units()), Packs.whole(squares), drains)
                .using(Packs.used(squares)));
    }

    private BillLine line(int season, PriceItem item, BigDecimal quantity, List<DrainTakeoff> drains) {
        return BillLine.of(
                season,
                BillPart.GROUND,
                item,
                quantity,
                price.apply(item),
                Acquired.BOUGHT,
                List.of(),
                drains.stream().map(DrainTakeoff::drain).sorted().toList(),
                plan.currency());
    }
}
