package fairacre.harvest;

import fairacre.catalogue.Crop;
import fairacre.catalogue.Crops;
import fairacre.catalogue.Varieties;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.plan.Plan;
import java.util.Optional;
import java.util.UUID;

/**
 * A crop that the household eats, or that it doesn't want.
 *
 * @param crop its key in the catalogue; one that is eaten
 * @param variety of it that is wanted, or the crop of one's own that is like it; empty for any
 * @param want how much it is wanted
 * @param kilograms that all of them eat of it in a year, 0.1 to 2000; empty for what people usually eat
 */
public record CropWish(UUID id, String crop, Optional<UUID> variety, Want want, Optional<Double> kilograms) {

    private static final double LEAST = 0.1;
    private static final double MOST = 2000;

    public CropWish {
        Limits.present(id, "id");
        Crop wished = Crops.of(Limits.present(crop, "crop"))
                .orElseThrow(
                        () -> new RefusedException("crop", "there is no such crop", "choose one of the catalogue"));
        variety = variety == null ? Optional.empty() : variety;
        if (variety.isEmpty() && wished.eaten() == 0) {
            throw new RefusedException("crop", wished.name() + " is not eaten", "choose one that is");
        }
        Limits.present(want, "want");
        kilograms = kilograms == null ? Optional.empty() : kilograms;
        kilograms.ifPresent(each -> Limits.between(each, LEAST, MOST, "kilograms"));
    }

    /** What is wanted. */
    public Crop wished(Plan plan) {
        return Varieties.grown(plan, crop, variety);
    }

    /** For the list of edits. */
    String label() {
        String name = Crops.of(crop).orElseThrow().name();
        return variety.isPresent() ? "a variety of " + name : name;
    }
}
