package fairacre.ledger;

import java.util.List;

/** What is paid or ordered already, in the plan's currency. */
public record Payments(List<Paid> lines) {

    public Payments {
        lines = List.copyOf(lines);
    }
}
