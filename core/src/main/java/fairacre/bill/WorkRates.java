package fairacre.bill;

import fairacre.parts.Part;
import fairacre.parts.Parts;
import java.util.stream.Stream;

/** A part of the trade that says how long its work takes. */
public interface WorkRates extends Part {

    Stream<WorkRate> rates();

    /** The rates of all parts, in the order of the parts. */
    static Stream<WorkRate> all() {
        return Parts.bringing(WorkRates.class).stream().flatMap(WorkRates::rates);
    }
}
