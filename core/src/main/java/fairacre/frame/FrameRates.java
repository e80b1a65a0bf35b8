package fairacre.frame;

import fairacre.bill.Stage;
import fairacre.bill.WorkRate;
import fairacre.build.Masonry;
import java.util.Map;
import java.util.stream.Stream;

/** How long it takes to build frames and walls: rough guesses, from memory of such work. */
public final class FrameRates {

    private static final String GUESS = "a rough guess, from memory";

    public static final WorkRate PIECE = new WorkRate(
            "frame/piece", "Measuring, sawing, drilling and fastening a piece", 12, "piece", GUESS, Stage.FRAMES);
    public static final WorkRate SUPPORT =
            new WorkRate("frame/support", "A tie or a stake", 10, "piece", GUESS, Stage.FRAMES);

    /** Mixing and pointing counted in. */
    private static final Map<Masonry, WorkRate> LAYING = Map.of(
            Masonry.BLOCK, new WorkRate("wall/block", "Laying a block", 8, "block", GUESS, Stage.FRAMES),
            Masonry.BRICK, new WorkRate("wall/brick", "Laying a brick", 2.5, "brick", GUESS, Stage.FRAMES),
            Masonry.STONE, new WorkRate("wall/stone", "Laying stone", 300, "tonne", GUESS, Stage.FRAMES));

    private FrameRates() {}

    public static WorkRate laying(Masonry kind) {
        return LAYING.get(kind);
    }

    static Stream<WorkRate> all() {
        return Stream.concat(
                Stream.of(PIECE, SUPPORT), Stream.of(Masonry.values()).map(FrameRates::laying));
    }
}
