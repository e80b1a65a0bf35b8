package fairacre.reach;

import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.plan.StandingBed;
import fairacre.walk.Stretch;
import java.util.List;
import org.locationtech.jts.geom.Geometry;

/** The inside of a bed, in axes of its own. */
interface Soil {

    static Soil of(StandingBed bed) {
        return bed.revision().shape().plain() ? RectangleSoil.of(bed) : PolygonSoil.of(bed);
    }

    Area area();

    /** The soil further than {@code reach} from every stretch. */
    Geometry beyond(Length reach, List<Stretch> stretches);

    /** What is out of reach, brought back onto the drawing. */
    Unreached unreached(Geometry geometry);
}
