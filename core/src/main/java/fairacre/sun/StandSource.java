package fairacre.sun;

import fairacre.parts.Part;
import fairacre.plan.Plan;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Polygon;

/** Says what grows in beds, and how high it stands through the year. */
public interface StandSource extends Part {

    /** @param days on which it is asked how high they are */
    Stream<Stand> stands(Plan plan, int season, List<LocalDate> days);

    /**
     * Plants of one sort that stand together; what stands in several places is told once for each.
     *
     * @param soil in which they grow
     * @param base of the soil above the ground, metres
     * @param heights above the soil on each of the days, metres; 0 while they are not there
     */
    record Stand(UUID thing, Polygon soil, double base, List<Double> heights) {
        public Stand {
            heights = List.copyOf(heights);
        }
    }
}
