package fairacre.husbandry;

import fairacre.limits.Limits;
import fairacre.plan.Plan;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.UUID;

/**
 * A disease that was found in the soil of a bed.
 *
 * @param found the day on which it was found last
 */
public record SoilDisease(UUID id, Disease disease, UUID bed, LocalDate found) {

    public SoilDisease {
        Limits.present(id, "id");
        Limits.present(disease, "disease");
        Limits.present(bed, "bed");
        Limits.present(found, "found");
        Limits.season(found.getYear(), "found");
    }

    /** The first season in which its family may be planted there again. */
    public int over(MonthDay yearBegins) {
        return Plan.season(found, yearBegins) + disease.years();
    }
}
