package fairacre.trellis;

import fairacre.measure.Length;
import fairacre.outline.Polygons;
import fairacre.plan.Plan;
import fairacre.shape.Footprint;
import fairacre.shape.Ring;
import fairacre.sun.ShadeSource.Shade;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.linearref.LengthIndexedLine;

/** The shadow of a trellis with what climbs it. What leans is taken as prisms on top of each other, each slimmer. */
final class TrellisShade {

    /** In leaf it takes half of the light, bare a tenth (rough guesses). */
    private static final double IN_LEAF = 0.5;

    private static final double BARE = 0.1;
    /** Of what leans. */
    private static final int LAYERS = 4;

    /** A circle of 16 corners. */
    private static final int QUARTER = 4;

    private TrellisShade() {}

    static List<Shade> of(Plan plan, Trellis trellis, boolean bare) {
        double share = bare ? BARE : IN_LEAF;
        double height = trellis.height().metres();
        List<Shade> shades = new ArrayList<>();
        int layers = trellis.kind().leans() ? LAYERS : 1;
        for (int i = 0; i < layers; i++) {
            // As wide as in the middle of the layer.
            double wide = trellis.breadth().metres() * (layers == 1 ? 1 : 1 - (i + 0.5) / layers);
            double low = height * i / layers;
            double high = height * (i + 1) / layers;
            ground(plan, trellis, wide).forEach(part -> shades.add(new Shade(trellis.id(), part, low, high, share)));
        }
        return shades;
    }

    private static List<Polygon> ground(Plan plan, Trellis trellis, double wide) {
        if (trellis.kind() != TrellisKind.TEEPEE) {
            return Footprint.along(trellis.places(), Length.metres(wide)).stream()
                    .map(Ring::polygon)
                    .toList();
        }
        Geometry line = Polygons.line(trellis.places());
        LengthIndexedLine along = new LengthIndexedLine(line);
        return new TrellisFrame(plan, trellis)
                .marks().stream()
                        .map(mark -> (Polygon) line.getFactory()
                                .createPoint(along.extractPoint(mark))
                                .buffer(wide / 2, QUARTER))
                        .toList();
    }
}
