package fairacre.schedule;

import fairacre.bill.Stage;
import fairacre.staging.Lift;
import java.util.Optional;
import java.util.UUID;

/**
 * What a task asks of those who do it.
 *
 * @param people who have to be there at once
 * @param place for which it is done
 * @param saws whether something is sawn
 */
record Demand(Stage stage, int people, UUID place, boolean saws, Optional<Lift> lift) {}
