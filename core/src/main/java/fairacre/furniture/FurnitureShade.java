package fairacre.furniture;

import fairacre.outline.Polygons;
import fairacre.sun.ShadeSource.Shade;
import org.locationtech.jts.geom.Polygon;

/** The shadow of furniture: of a top on legs its thickness, of what is open half the light, of one's own all of it. */
final class FurnitureShade {

    /** A top with its rails, metres. */
    private static final double TOP = 0.12;

    private static final double OPEN = 0.5;

    private FurnitureShade() {}

    static Shade of(Furniture furniture) {
        Polygon ground = Polygons.of(furniture.place().corners());
        double high = furniture.height().metres();
        return switch (furniture.kind()) {
            case POTTING_BENCH, TABLE, BENCH, BARREL_STAND ->
                new Shade(furniture.id(), ground, Math.max(0, high - TOP), high, 1);
            case TOOL_RACK, LEAF_BIN -> new Shade(furniture.id(), ground, 0, high, OPEN);
            case OWN -> new Shade(furniture.id(), ground, 0, high, 1);
        };
    }
}
