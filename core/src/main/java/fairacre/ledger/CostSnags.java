package fairacre.ledger;

import fairacre.bill.Bill;
import fairacre.bill.BillLine;
import fairacre.bill.MoneyText;
import fairacre.bill.Price;
import fairacre.bill.PriceItem;
import fairacre.bill.Share;
import fairacre.bill.StartingPrices;
import fairacre.build.Frame;
import fairacre.cost.CostStudy;
import fairacre.cost.Purse;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.StandingBed;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.joda.money.Money;

/** Money: more planned than set aside, and things whose price nobody knows. */
final class CostSnags {

    /** How many of the highest beds are tried with a course less. */
    private static final int TRIED = 4;

    private static final BigDecimal WHOLE = BigDecimal.valueOf(100);

    private final SnagContext context;
    private final List<Paid> paid;

    CostSnags(SnagContext context) {
        this.context = context;
        this.paid = context.study(Payments.class).lines();
    }

    /** @param forecast of the bill and of what is paid */
    List<Snag> find(Bill bill, Forecast forecast) {
        List<Snag> snags = new ArrayList<>();
        if (forecast.state() != Purse.State.WITHIN) {
            snags.add(overBudget(forecast));
        }
        for (Forecast.OfShare share : forecast.shares()) {
            if (share.left().isNegative()) {
                snags.add(overShare(share));
            }
        }
        List<PriceItem> unpriced = bill.lines().stream()
                .filter(line -> line.amount().isEmpty())
                .map(BillLine::item)
                .distinct()
                .toList();
        if (!unpriced.isEmpty()) {
            snags.add(priceMissing(unpriced));
        }
        return snags;
    }

    private Snag overBudget(Forecast forecast) {
        boolean overdrawn = forecast.state() == Purse.State.OVERDRAWN;
        String words = sum(forecast)
                + (overdrawn
                        ? ", " + money(forecast.left().negated()) + " over the budget of " + money(forecast.budget())
                                + "."
                        : " and eats " + money(forecast.held().minus(forecast.left())) + " of the contingency of "
                                + money(forecast.held()) + ".");
        return Snag.of(
                        PurseRule.BUDGET_EXCEEDED,
                        overdrawn ? Weight.SERIOUS : Weight.WARNING,
                        words,
                        Optional.empty(),
                        List.of(),
                        List.of(),
                        context.remedies(() -> {
                            List<Remedy> remedies = new ArrayList<>();
                            lowerBed(forecast).ifPresent(remedies::add);
                            remedies.add(raiseBudget(forecast));
                            return remedies;
                        }))
                .by(amount(forecast.held().minus(forecast.left())));
    }

    /** What the garden comes to, and of what that is made up once something is bought. */
    private String sum(Forecast forecast) {
        return paid.isEmpty()
                ? "The plan comes to " + money(forecast.planned())
                : "With " + money(forecast.paid()) + " paid, " + money(forecast.committed()) + " ordered and "
                        + money(forecast.toCome()) + " still to come the garden comes to " + money(forecast.whole());
    }

    private Snag overShare(Forecast.OfShare over) {
        Share share = new Share(over.part(), over.season(), over.amount());
        String what = share.part()
                .map(part -> part.name().toLowerCase(Locale.ROOT))
                .orElseGet(() -> String.valueOf(share.season().orElseThrow()));
        Money whole = share.amount().minus(over.left());
        String words = "What is " + (paid.isEmpty() ? "planned" : "bought and planned") + " for " + what + " comes to "
                + money(whole) + ", " + money(over.left().negated()) + " over the share of " + money(share.amount())
                + ".";
        Change raised =
                new Change.SetBudget(context.plan().budget().withShare(new Share(share.part(), share.season(), whole)));
        return Snag.of(
                        PurseRule.SHARE_EXCEEDED,
                        Weight.NOTE,
                        words,
                        Optional.empty(),
                        List.of(),
                        List.of(),
                        context.remedies(
                                () -> List.of(new Remedy("Give " + what + " a share of " + money(whole), raised))))
                .by(amount(over.left().negated()));
    }

    private static double amount(Money sum) {
        return sum.getAmount().doubleValue();
    }

    /** A course less on the bed where that saves most; a bed of one course goes into the ground. */
    private Optional<Remedy> lowerBed(Forecast forecast) {
        return context.standing().stream()
                .filter(bed -> bed.frame().isPresent())
                .sorted(Comparator.comparing(
                                (StandingBed bed) -> bed.frame().orElseThrow().height())
                        .reversed())
                .limit(TRIED)
                .map(bed -> lowered(bed, forecast))
                .flatMap(Optional::stream)
                .max(Comparator.comparing(Saving::amount))
                .map(Saving::remedy);
    }

    private record Saving(Money amount, Remedy remedy) {}

    private Optional<Saving> lowered(StandingBed bed, Forecast forecast) {
        Frame frame = bed.frame().orElseThrow();
        boolean last = frame.courses() == 1;
        boolean carried = bed.revision().build().cap().isPresent()
                || bed.revision().build().legs().isPositive();
        if (last && carried) {
            return Optional.empty();
        }
        Optional<Frame> lower = last ? Optional.empty() : Optional.of(frame.withCourses(frame.courses() - 1));
        Change change = new Change.ReframeBed(bed.id(), bed.revision().from(), lower);
        Plan after = context.plan().apply(change).orThrow();
        Money saved = Forecast.of(after.budget(), CostStudy.of(after).bill(), paid)
                .left()
                .minus(forecast.left());
        if (!saved.isPositive()) {
            return Optional.empty();
        }
        String how = last ? " in the ground, without boards: saves " : " one course lower: saves ";
        return Optional.of(new Saving(saved, new Remedy("Build " + bed.name() + how + money(saved), change)));
    }

    /** The least budget, in whole units of the currency, that keeps its own contingency untouched. */
    private Remedy raiseBudget(Forecast forecast) {
        BigDecimal contingency = context.plan().budget().contingency();
        BigDecimal needed =
                forecast.whole().getAmount().multiply(WHOLE).divide(WHOLE.subtract(contingency), 0, RoundingMode.UP);
        Money sum = Money.of(forecast.whole().getCurrencyUnit(), needed);
        return new Remedy(
                "Raise the budget to " + money(sum),
                new Change.SetBudget(context.plan().budget().withSum(sum)));
    }

    private static String money(Money sum) {
        return MoneyText.format(sum);
    }

    private Snag priceMissing(List<PriceItem> unpriced) {
        String words = unpriced.size() == 1
                ? "There is no price for " + unpriced.get(0).label() + "."
                : "There are no prices for " + unpriced.size() + " things, "
                        + unpriced.get(0).label() + " among them.";
        return Snag.of(
                        PurseRule.PRICE_MISSING,
                        Weight.NOTE,
                        words,
                        Optional.empty(),
                        List.of(),
                        List.of(),
                        context.remedies(() -> List.of(guessed(unpriced))))
                .by(unpriced.size());
    }

    private Remedy guessed(List<PriceItem> unpriced) {
        List<Price> guesses = StartingPrices.in(context.plan().currency()).stream()
                .filter(price -> unpriced.contains(price.item()))
                .toList();
        if (guesses.isEmpty()) {
            return gift(unpriced.get(0));
        }
        List<Change> changes =
                guesses.stream().<Change>map(Change.SetPrice::new).toList();
        return new Remedy(
                "Put in a rough guess until you have asked", new Change.Batch("Guess missing prices", changes));
    }

    private Remedy gift(PriceItem item) {
        Change change = context.plan().sundries().stream()
                .filter(sundry -> PriceItem.sundry(sundry).equals(item))
                .findFirst()
                .<Change>map(sundry -> Put.of(sundry.given()))
                .orElseGet(() -> new Change.SetPrice(
                        new Price(item, Money.zero(context.plan().currency()), false)));
        return new Remedy("Count " + item.label() + " as a gift", change);
    }
}
