package fairacre.judging;

import fairacre.bill.MoneyText;
import fairacre.measure.Area;
import fairacre.outline.Polygons;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.shape.Insets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.joda.money.Money;

/**
 * What remedies make of the soil and what they cost, counted over the beds they touch: those that keep the most soil
 * come first.
 */
public final class Effects {

    private final SnagContext context;

    public Effects(SnagContext context) {
        this.context = context;
    }

    private record Weighed(Remedy remedy, Area lost) {}

    public List<Remedy> ranked(List<Remedy> remedies) {
        List<Weighed> weighed = new ArrayList<>();
        for (Remedy remedy : remedies) {
            Plan after = context.plan().apply(remedy.change()).orThrow();
            List<StandingBed> standing = after.standing(context.season());
            List<StandingBed> gone = without(context.standing(), standing);
            List<StandingBed> come = without(standing, context.standing());
            Area was = soil(gone);
            Area is = soil(come);
            Area lost = is.compareTo(was) < 0 ? was.minus(is) : Area.ZERO;
            String words = remedy.words() + ": "
                    + (lost.isZero() ? "all soil kept" : context.wording().area(lost) + " less soil")
                    + difference(cost(context.plan(), gone), cost(after, come));
            weighed.add(new Weighed(new Remedy(words, remedy.change()), lost));
        }
        weighed.sort(Comparator.comparing(Weighed::lost));
        return weighed.stream().map(Weighed::remedy).toList();
    }

    private static List<StandingBed> without(List<StandingBed> some, List<StandingBed> others) {
        Set<StandingBed> known = new HashSet<>(others);
        return some.stream().filter(bed -> !known.contains(bed)).toList();
    }

    /** {@code ", +€120.00"}; empty where it is the same or not known. */
    public static String difference(Optional<Money> was, Optional<Money> is) {
        if (was.isEmpty() || is.isEmpty() || was.get().equals(is.get())) {
            return "";
        }
        return ", " + MoneyText.difference(is.get().minus(was.get()));
    }

    private static Area soil(List<StandingBed> beds) {
        return Area.squareMetres(beds.stream()
                .mapToDouble(bed -> Insets.of(
                                Polygons.of(bed.corners()),
                                bed.revision().thickness().metres())
                        .getArea())
                .sum());
    }

    /** What the beds would cost if each were built alone; empty while a price is missing. */
    private Optional<Money> cost(Plan plan, List<StandingBed> beds) {
        Money sum = Money.zero(plan.currency());
        for (StandingBed bed : beds) {
            Optional<Money> one = context.alone(plan, bed.id());
            if (one.isEmpty()) {
                return Optional.empty();
            }
            sum = sum.plus(one.get());
        }
        return Optional.of(sum);
    }
}
