package fairacre.server.garden;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import fairacre.server.store.GardenStore.Version;
import java.time.Duration;
import java.util.UUID;
import java.util.function.BooleanSupplier;

/**
 * Ends whole judgements that take too long, and those of a state of a garden that is past: whoever has edited on waits
 * for the newest one only, and the cores are free for it.
 */
final class Watch {

    private static final int MOST_GARDENS = 10_000;

    private final Duration longest;
    private final Cache<UUID, Version> newest =
            Caffeine.newBuilder().maximumSize(MOST_GARDENS).build();

    /** @param longest that a judgement may take */
    Watch(Duration longest) {
        this.longest = longest;
    }

    Duration longest() {
        return longest;
    }

    /** A judgement that has begun: asked in its loops whether it is to be given up. */
    final class Turn implements BooleanSupplier {

        private final UUID garden;
        private final Version version;
        private final long end = System.nanoTime() + longest.toNanos();

        private Turn(UUID garden, Version version) {
            this.garden = garden;
            this.version = version;
        }

        boolean isTooLate() {
            return System.nanoTime() - end > 0;
        }

        @Override
        public boolean getAsBoolean() {
            Version asked = newest.getIfPresent(garden);
            return isTooLate() || asked != null && !asked.equals(version);
        }
    }

    /** From now on judgements of other states of the garden are given up. */
    Turn begin(UUID garden, Version version) {
        newest.put(garden, version);
        return new Turn(garden, version);
    }
}
