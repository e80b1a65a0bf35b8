package fairacre.plan;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.UUID;
import org.joda.money.Money;

/**
 * Something the garden costs, or would cost, that is not taken off the plan: hire, a delivery, a skip, tools, seeds, a gate by a
 * joiner, furniture, own work.
 *
 * @param season in which it is wanted; not before the garden's first
 * @param quantity more than zero, at most 100 000, with at most three decimals: 0.0005 is refused, 2.500 is kept as 2.5
 * @param price of one, in the garden's currency; empty if it is not known yet
 */
public record Sundry(UUID id, String name, int season, BillPart part, BigDecimal quantity, Optional<Money> price, Acquired acquired) {

    private static final BigDecimal MOST = BigDecimal.valueOf(100_000);
    private static final int DECIMALS = 3;

    public Sundry {
        Limits.present(id, "id");
        name = Limits.name(name, "name");
        Limits.season(season, "season");
        Limits.present(part, "part");
        quantity = counted(Limits.present(quantity, "quantity"));
        price = price == null ? Optional.empty() : price;
        price.ifPresent(amount -> Amounts.check(amount, "price"));
        Limits.present(acquired, "acquired");
    }

    /** The same as something that comes free. */
    public Sundry given() {
        return new Sundry(id, name, season, part, quantity, price, Acquired.FREE);
    }

    private static BigDecimal counted(BigDecimal quantity) {
        if (quantity.signum() <= 0 || quantity.compareTo(MOST) > 0) {
            throw new RefusedException("quantity", quantity.toPlainString() + " is out of range",
                    "give more than nothing and at most " + MOST);
        }
        BigDecimal plain = quantity.stripTrailingZeros();
        if (plain.scale() > DECIMALS) {
            throw new RefusedException("quantity", quantity.toPlainString() + " has more than three decimals", "round it");
        }
        return plain.scale() < 0 ? plain.setScale(0) : plain;
    }
}
