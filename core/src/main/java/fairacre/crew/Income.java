package fairacre.crew;

import fairacre.bill.Amounts;
import fairacre.limits.Limits;
import java.time.LocalDate;
import java.util.UUID;
import org.joda.money.Money;

/**
 * Money that comes in for the garden. In a season with any such money nothing is begun that would have to be bought
 * before it is there.
 *
 * @param amount zero or more, in the garden's currency
 */
public record Income(UUID id, LocalDate day, Money amount) {

    public Income {
        Limits.present(id, "id");
        Limits.present(day, "day");
        Limits.season(day.getYear(), "day");
        Amounts.check(amount, "amount");
    }
}
