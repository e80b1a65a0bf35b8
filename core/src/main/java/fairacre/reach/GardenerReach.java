package fairacre.reach;

import java.util.UUID;

/** What one gardener can't reach of a bed. */
public record GardenerReach(UUID gardener, Unreached unreached) {}
