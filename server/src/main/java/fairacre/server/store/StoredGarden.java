package fairacre.server.store;

import fairacre.plan.Plan;
import java.util.Optional;

/**
 * A garden as it is kept.
 *
 * @param revision counts the edits; 0 when new
 * @param undo the edit that can be undone next, as its id in the log
 * @param redo the edit that can be done again next
 */
public record StoredGarden(long revision, Plan plan, Optional<Long> undo, Optional<Long> redo) {}
