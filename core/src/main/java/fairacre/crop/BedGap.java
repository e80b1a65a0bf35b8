package fairacre.crop;

import fairacre.limits.Limits;
import java.time.LocalDate;
import java.util.UUID;

/**
 * A part of a bed in which nothing grows for a time.
 *
 * @param from the day on which it lies bare
 * @param until the day on which something is planted, or frost comes
 */
public record BedGap(UUID bed, BedPart part, LocalDate from, LocalDate until) {

    public BedGap {
        Limits.present(bed, "bed");
        part = part == null ? BedPart.WHOLE : part;
        Limits.present(from, "from");
        Limits.present(until, "until");
    }
}
