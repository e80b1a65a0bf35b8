package fairacre.bill;

import fairacre.limits.Limits;
import java.math.BigDecimal;
import java.util.Optional;
import java.util.UUID;
import org.joda.money.Money;

/**
 * Something the garden costs, or would cost, that is not taken off the plan: hire, a delivery, a skip, tools, seeds, a
 * gate by a joiner, furniture, own work.
 *
 * @param season in which it is wanted; not before the garden's first
 * @param quantity more than zero, at most 100 000, with at most three decimals: 0.0005 is refused, 2.500 is kept as 2.5
 * @param price of one, in the garden's currency; empty if it is not known yet
 */
public record Sundry(
        UUID id,
        String name,
        int season,
        BillPart part,
        BigDecimal quantity,
        Optional<Money> price,
        Acquired acquired) {

    public Sundry {
        Limits.present(id, "id");
        name = Limits.name(name, "name");
        Limits.season(season, "season");
        Limits.present(part, "part");
        quantity = Limits.counted(quantity, "quantity");
        price = price == null ? Optional.empty() : price;
        price.ifPresent(amount -> Amounts.check(amount, "price"));
        Limits.present(acquired, "acquired");
    }

    /** The same as something that comes free. */
    public Sundry given() {
        return new Sundry(id, name, season, part, quantity, price, Acquired.FREE);
    }

    public Sundry withSeason(int newSeason) {
        return new Sundry(id, name, newSeason, part, quantity, price, acquired);
    }
}
