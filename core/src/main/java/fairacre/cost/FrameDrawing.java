package fairacre.cost;

import fairacre.build.Frame;
import fairacre.frame.Hardware;
import fairacre.measure.Length;
import fairacre.outline.Point;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * The frame of a bed course by course, each board with its mark.
 *
 * @param season in which its boards are cut
 * @param boards course by course from the ground, going round the bed
 * @param hardware what holds and lines it
 */
public record FrameDrawing(UUID bed, int season, Frame frame, List<DrawnBoard> boards, Hardware hardware) {

    /**
     * @param mark empty for a board that stood before
     * @param corners seen from above, with the bed's middle at the origin and the bed unturned; the outer face first
     */
    public record DrawnBoard(Optional<String> mark, int course, Length length, List<Point> corners) {

        public DrawnBoard {
            corners = List.copyOf(corners);
        }
    }

    public FrameDrawing {
        boards = List.copyOf(boards);
    }
}
