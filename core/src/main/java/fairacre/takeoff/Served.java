package fairacre.takeoff;

import java.util.UUID;

/** What something is bought for: a bed, or something else that stands or lies on the plot. */
public record Served(UUID id, boolean isBed) {

    public static Served bed(UUID id) {
        return new Served(id, true);
    }

    public static Served place(UUID id) {
        return new Served(id, false);
    }
}
