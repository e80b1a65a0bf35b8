package fairacre.cover;

import fairacre.outline.Point;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * A cover on one bed.
 *
 * @param misfit why it doesn't stand there; there is nothing else then
 * @param joints where sections meet, each from one side to the other on the plot
 * @param front of a cold frame: its low side on the plot; empty for others
 * @param faces which way the low side looks: "south-east"
 * @param off degrees from where the sun stands at noon
 */
public record CoverOnBed(
        UUID bed,
        Optional<CoverMisfit> misfit,
        List<List<Point>> joints,
        List<Point> front,
        Optional<String> faces,
        double off) {

    static CoverOnBed not(UUID bed, CoverMisfit misfit) {
        return new CoverOnBed(bed, Optional.of(misfit), List.of(), List.of(), Optional.empty(), 0);
    }
}
