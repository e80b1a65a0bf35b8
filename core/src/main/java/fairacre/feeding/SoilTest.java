package fairacre.feeding;

import fairacre.limits.Limits;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * What a laboratory, or a kit, says of the soil.
 *
 * @param taken the day on which the sample was taken
 * @param acidity pH in water, 3.5 to 9.5
 * @param phosphorus how much of it the soil has; empty if it was not tested
 * @param potassium how much of it the soil has; empty if it was not tested
 * @param beds whose soil it is, at most 1000; none: that of all beds
 */
public record SoilTest(
        UUID id,
        String name,
        LocalDate taken,
        double acidity,
        Texture texture,
        Optional<Supplied> phosphorus,
        Optional<Supplied> potassium,
        Amending amending,
        List<UUID> beds) {

    private static final double SOUREST = 3.5;
    private static final double SWEETEST = 9.5;

    public SoilTest {
        Limits.present(id, "id");
        name = Limits.name(name, "name");
        Limits.present(taken, "taken");
        Limits.season(taken.getYear(), "taken");
        Limits.between(acidity, SOUREST, SWEETEST, "acidity");
        texture = texture == null ? Texture.LOAM : texture;
        phosphorus = phosphorus == null ? Optional.empty() : phosphorus;
        potassium = potassium == null ? Optional.empty() : potassium;
        amending = amending == null ? Amending.ORGANIC : amending;
        beds = beds == null ? List.of() : beds.stream().distinct().sorted().toList();
        Limits.atMost(Limits.MOST_BEDS, beds, "beds");
    }

    boolean isOf(UUID bed) {
        return beds.isEmpty() || beds.contains(bed);
    }
}
