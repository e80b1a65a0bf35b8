package fairacre.server.store;

import fairacre.plan.Plan;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Result;

/**
 * The rows in which a part of a plan is kept. {@link PlanRows#ALL} lists them; reader and writer go through that list.
 */
interface Rows {

    /** The rows of a garden, as a field of the one statement that reads it. */
    Field<? extends Result<?>> field();

    void insert(DSLContext database, UUID garden, Plan plan);

    /** Writes what differs between two plans and nothing else. */
    void update(DSLContext database, UUID garden, Plan before, Plan after);
}
