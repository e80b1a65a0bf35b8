package fairacre.lookback;

import fairacre.journal.LossCause;
import java.util.Optional;
import java.util.UUID;

/**
 * What was lost.
 *
 * @param crop its key in the catalogue; empty if it was not only one
 * @param bed where; empty where it is not said
 */
record Lost(Optional<String> crop, Optional<UUID> bed, LossCause cause) {}
