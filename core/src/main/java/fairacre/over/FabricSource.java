package fairacre.over;

import fairacre.parts.Part;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;

/** Says which of its things lay fabric over beds. */
public interface FabricSource extends Part {

    Stream<Laid> laid(Plan plan, int season);

    /**
     * A thing with its fabric.
     *
     * @param beds over which it is laid, whether they stand or not
     * @param with the change to another fabric
     * @param off the change that takes it off a bed in the season
     */
    record Laid(
            UUID thing,
            String name,
            Fabric fabric,
            List<UUID> beds,
            Function<Fabric, Change> with,
            Function<UUID, Change> off) {}
}
