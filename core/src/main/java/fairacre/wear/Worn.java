package fairacre.wear;

import java.util.Optional;
import java.util.UUID;
import org.joda.money.Money;

/**
 * A part of something that wears out, in a season.
 *
 * @param thing a bed, or what else stands or lies on the plot
 * @param name what the gardener calls it
 * @param part what of it wears out: "Mesh"
 * @param made the season in which it was made or last renewed
 * @param age seasons since then
 * @param least so many seasons nearly all of it lasts
 * @param most longer hardly any of it lasts
 * @param due the season in which it is reckoned to be renewed; empty if it is not wanted for so long
 * @param cost of renewing it, with what else of the thing is renewed in that season, at today's prices; empty where a
 *     price is missing, and beyond the years ahead
 */
public record Worn(
        UUID thing,
        String name,
        String part,
        int made,
        int age,
        int least,
        int most,
        Optional<Integer> due,
        Optional<Money> cost,
        State state) {

    /** What its age asks for. */
    public enum State {
        GOOD,
        /** It is as old as it lasts at least: look at it in spring. */
        LOOK,
        /** It is older than it is reckoned to last. */
        DUE
    }
}
