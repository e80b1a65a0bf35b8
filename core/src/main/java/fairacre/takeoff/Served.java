package fairacre.takeoff;

import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;

/** What something is bought for: a bed, or something else that stands or lies on the plot. */
public record Served(UUID id, boolean isBed) {

    /** The beds of many, each once, in order of id. */
    public static List<UUID> beds(List<Served> served) {
        return ids(served.stream().filter(Served::isBed));
    }

    /** What is not a bed, each once, in order of id. */
    public static List<UUID> places(List<Served> served) {
        return ids(served.stream().filter(each -> !each.isBed()));
    }

    private static List<UUID> ids(Stream<Served> served) {
        return served.map(Served::id).distinct().sorted().toList();
    }

    public static Served bed(UUID id) {
        return new Served(id, true);
    }

    public static Served place(UUID id) {
        return new Served(id, false);
    }
}
