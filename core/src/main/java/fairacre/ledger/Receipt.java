package fairacre.ledger;

import fairacre.bill.Amounts;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;

/**
 * A receipt as the paper has it, or an order that is not paid yet. All amounts are in one currency, the first line's.
 *
 * @param date of the purchase; its year is the season that it counts for
 * @param lines 1 to 200
 * @param discount taken off the whole at its foot, zero for none; at most the sum of the lines
 * @param tax added to the whole at its foot, zero where the lines hold it already
 * @param paper the total that is printed on it; empty if it wasn't looked at
 * @param ordered whether it is an order, still to be paid
 * @param settles the order that is paid with this receipt, and counts no longer
 */
public record Receipt(
        UUID id,
        LocalDate date,
        String shop,
        List<ReceiptLine> lines,
        Money discount,
        Money tax,
        Optional<Money> paper,
        boolean ordered,
        Optional<UUID> settles) {

    private static final int MOST_LINES = 200;

    public Receipt {
        Limits.present(id, "id");
        Limits.present(date, "date");
        Limits.between(date.getYear(), Limits.FIRST_SEASON, Limits.LAST_SEASON, "date");
        shop = Limits.name(shop, "shop");
        lines = List.copyOf(Limits.present(lines, "lines"));
        if (lines.isEmpty() || lines.size() > MOST_LINES) {
            throw new RefusedException(
                    "lines",
                    lines.size() + " lines are " + (lines.isEmpty() ? "too few" : "too many"),
                    "give from 1 to " + MOST_LINES);
        }
        Money sum = sum(lines);
        discount = discount == null ? nothing(sum) : Amounts.check(discount, "discount");
        tax = tax == null ? nothing(sum) : Amounts.check(tax, "tax");
        paper = paper == null ? Optional.empty() : paper;
        settles = settles == null ? Optional.empty() : settles;
        if (ordered && settles.isPresent()) {
            throw new RefusedException("settles", "an order pays for no other order", "enter it as a receipt");
        }
        Amounts.sameCurrency(sum.getCurrencyUnit(), discount, "discount");
        Amounts.sameCurrency(sum.getCurrencyUnit(), tax, "tax");
        Money total = sum;
        paper.ifPresent(
                printed -> Amounts.sameCurrency(total.getCurrencyUnit(), Amounts.check(printed, "paper"), "paper"));
        if (discount.isGreaterThan(sum)) {
            throw new RefusedException(
                    "discount", discount + " is more than all lines together", "give at most " + sum);
        }
    }

    /** Paid at once. */
    public Receipt(
            UUID id,
            LocalDate date,
            String shop,
            List<ReceiptLine> lines,
            Money discount,
            Money tax,
            Optional<Money> paper) {
        this(id, date, shop, lines, discount, tax, paper, false, Optional.empty());
    }

    /**
     * The same with a percentage of its lines' sum as discount, rounded half up to the currency's least coin.
     *
     * @param percent 0 to 100
     * @throws RefusedException if it is another, or there is a discount already
     */
    public Receipt less(BigDecimal percent) {
        if (percent.signum() < 0 || percent.compareTo(BigDecimal.valueOf(100)) > 0) {
            throw new RefusedException(
                    "discount", percent.toPlainString() + " % is no discount", "give from 0 to 100 %");
        }
        if (!discount.isZero()) {
            throw new RefusedException("discount", "a discount is either a sum or a percentage", "give one of them");
        }
        Money off = sum(lines).multipliedBy(percent.movePointLeft(2), RoundingMode.HALF_UP);
        return new Receipt(id, date, shop, lines, off, tax, paper, ordered, settles);
    }

    /** The same under another id. */
    public Receipt withId(UUID newId) {
        return new Receipt(newId, date, shop, lines, discount, tax, paper, ordered, settles);
    }

    /**
     * The same with other ids for itself and for the order that it settles, those that are not among them as they are.
     */
    public Receipt under(Map<UUID, UUID> ids) {
        return new Receipt(
                ids.getOrDefault(id, id),
                date,
                shop,
                lines,
                discount,
                tax,
                paper,
                ordered,
                settles.map(order -> ids.getOrDefault(order, order)));
    }

    private static Money nothing(Money like) {
        return Money.zero(like.getCurrencyUnit());
    }

    private static Money sum(List<ReceiptLine> lines) {
        Money sum = nothing(lines.get(0).amount());
        for (ReceiptLine line : lines) {
            Amounts.sameCurrency(sum.getCurrencyUnit(), line.amount(), "lines");
            sum = sum.plus(line.amount());
        }
        return sum;
    }

    /** @throws RefusedException at a field if it is in another currency than the garden */
    public void checkCurrency(CurrencyUnit garden, String field) {
        Amounts.sameCurrency(garden, discount, field);
    }

    /** The lines less the discount, with the tax. */
    public Money total() {
        return sum(lines).minus(discount).plus(tax);
    }

    /**
     * How much more the paper says than what was entered comes to, negative for less; empty if it agrees or wasn't
     * looked at.
     */
    public Optional<Money> difference() {
        return paper.map(printed -> printed.minus(total())).filter(difference -> !difference.isZero());
    }

    /**
     * What each line came to in the end; they add up to {@link #total}. Discount and tax are shared out by the lines'
     * amounts.
     */
    public List<Money> costs() {
        List<Money> amounts = lines.stream().map(ReceiptLine::amount).toList();
        List<Money> off = Spread.of(discount, amounts);
        List<Money> reduced = new ArrayList<>();
        for (int i = 0; i < amounts.size(); i++) {
            reduced.add(amounts.get(i).minus(off.get(i)));
        }
        List<Money> on = Spread.of(tax, reduced);
        List<Money> costs = new ArrayList<>();
        for (int i = 0; i < reduced.size(); i++) {
            costs.add(reduced.get(i).plus(on.get(i)));
        }
        return costs;
    }
}
