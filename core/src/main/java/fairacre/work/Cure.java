package fairacre.work;

import java.util.Map;
import java.util.Optional;

/**
 * How long something has to be left alone before anything is done to it.
 *
 * @param days at least
 * @param reason one sentence
 */
public record Cure(int days, String reason) {

    /** By the key of the rate (common practice). */
    private static final Map<String, Cure> AFTER = Map.of(
            "clear/tarpaulin",
                    new Cure(42, "A tarpaulin lies six weeks in summer, and from autumn to spring over winter."),
            "fence/concrete", new Cure(4, "Concrete round posts cures for four days before wire pulls at them."),
            "wall/block", new Cure(2, "Mortar sets for two days before soil leans on it."),
            "wall/brick", new Cure(2, "Mortar sets for two days before soil leans on it."),
            "hoop/glue-up", new Cure(1, "Glue holds after a day."));

    static Optional<Cure> after(String rate) {
        return Optional.ofNullable(AFTER.get(rate));
    }
}
