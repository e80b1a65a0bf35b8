package fairacre.cost;

import fairacre.build.Frame;
import fairacre.build.Wall;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import java.util.Optional;

/** What could hold a bed: boards or a wall, one of them. */
public record BedEdge(Optional<Frame> frame, Optional<Wall> wall) {

    public BedEdge {
        frame = frame == null ? Optional.empty() : frame;
        wall = wall == null ? Optional.empty() : wall;
        if (frame.isPresent() == wall.isPresent()) {
            throw new RefusedException("frame", "it has to be either boards or a wall", "give one of them");
        }
    }

    public static BedEdge of(Frame frame) {
        return new BedEdge(Optional.of(Limits.present(frame, "frame")), Optional.empty());
    }

    public static BedEdge of(Wall wall) {
        return new BedEdge(Optional.empty(), Optional.of(Limits.present(wall, "wall")));
    }
}
