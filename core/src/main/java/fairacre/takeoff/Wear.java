package fairacre.takeoff;

import fairacre.plan.Lifetime;
import java.util.List;

/**
 * A part of something that is made in a season and wears out.
 *
 * @param part what wears out, in a word or two: "Mesh"
 * @param wanted begins in the season in which it is made
 * @param made the seasons in which it is made and renewed, in order, as far as it is reckoned; the first is that in
 *     which it comes
 */
public record Wear(Served served, String part, Lifetime wanted, Lasts lasts, List<Integer> made) {
    public Wear {
        made = List.copyOf(made);
    }
}
