package fairacre.harvest;

import fairacre.crop.Crop;
import fairacre.crop.Crops;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import java.util.Optional;
import java.util.UUID;

/**
 * A crop that the household eats, or that it doesn't want.
 *
 * @param crop its key in the catalogue; one that is eaten
 * @param want how much it is wanted
 * @param kilograms that all of them eat of it in a year, 0.1 to 2000; empty for what people usually eat
 */
public record CropWish(UUID id, String crop, Want want, Optional<Double> kilograms) {

    private static final double LEAST = 0.1;
    private static final double MOST = 2000;

    public CropWish {
        Limits.present(id, "id");
        Crop wished = Crops.of(Limits.present(crop, "crop"))
                .orElseThrow(
                        () -> new RefusedException("crop", "there is no such crop", "choose one of the catalogue"));
        if (wished.eaten() == 0) {
            throw new RefusedException("crop", wished.name() + " is not eaten", "choose one that is");
        }
        Limits.present(want, "want");
        kilograms = kilograms == null ? Optional.empty() : kilograms;
        kilograms.ifPresent(each -> Limits.between(each, LEAST, MOST, "kilograms"));
    }

    Crop wished() {
        return Crops.of(crop).orElseThrow();
    }

    String name() {
        return wished().name();
    }
}
