package fairacre.water;

import fairacre.parts.Part;
import fairacre.plan.Plan;
import java.time.LocalDate;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;

/** Knows what grows in the beds, so that water goes by it. */
public interface GrowthSource extends Part {

    /** All that grows on some day of a season. */
    Stream<Growing> growing(Plan plan, int season);

    /** Beds that no rain reaches. */
    Set<UUID> rainless(Plan plan, int season);

    /**
     * @param name as the gardener calls it
     * @param from the day on which it comes into the bed
     * @param until the day on which it is cleared
     * @param lasting whether it comes again every year
     */
    record Growing(
            UUID bed, String name, LocalDate from, LocalDate until, boolean lasting, CropCoefficient coefficient) {}
}
