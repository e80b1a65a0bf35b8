package fairacre.shape;

import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/** Outlines that follow another one inside of it. */
public final class Insets {

    /** A sharp corner is drawn to its tip up to so many times the inset. */
    private static final double MITRE_LIMIT = 10;

    private Insets() {}

    /** The inside of a frame whose boards are so thick, with sharp corners; the polygon itself if the inset is 0. */
    public static Geometry of(Polygon outline, double inset) {
        if (inset == 0) {
            return outline;
        }
        return BufferOp.bufferOp(
                outline,
                -inset,
                new BufferParameters(1, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, MITRE_LIMIT));
    }
}
