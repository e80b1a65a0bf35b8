package fairacre.shape;

import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.Feature;
import fairacre.plan.Setting;
import java.util.ArrayList;
import java.util.List;

/** The ground on which a feature stands, as rings: a line is one for each of its straight parts. */
public final class Footprint {

    /** A trunk is drawn by as many corners, outside of its circle by at most 2 % of its radius. */
    private static final int TRUNK_CORNERS = 16;
    /** What has no thickness given is taken to be so thick, metres. */
    private static final double THINNEST = 0.02;

    private Footprint() {}

    /** @param setting whose ways in lead through fences */
    public static List<Ring> of(Feature feature, Setting setting) {
        double breadth = Math.max(THINNEST, feature.breadth().metres());
        return switch (feature.kind().extent()) {
            case AREA -> List.of(Ring.of(feature.places()));
            case LINE ->
                FenceLine.of(feature, setting).parts().stream()
                        .flatMap(part -> line(part, breadth / 2).stream())
                        .toList();
            case SPOT -> List.of(circle(feature.places().get(0), breadth / 2));
        };
    }

    /** Of a line along places, one for each of its straight parts. */
    public static List<Ring> along(List<Point> places, Length breadth) {
        return line(places, Math.max(THINNEST, breadth.metres()) / 2);
    }

    private static List<Ring> line(List<Point> places, double half) {
        List<Ring> parts = new ArrayList<>();
        for (int i = 0; i + 1 < places.size(); i++) {
            double x1 = places.get(i).x().metres();
            double y1 = places.get(i).y().metres();
            double x2 = places.get(i + 1).x().metres();
            double y2 = places.get(i + 1).y().metres();
            double length = Math.hypot(x2 - x1, y2 - y1);
            double nx = -(y2 - y1) / length * half;
            double ny = (x2 - x1) / length * half;
            parts.add(Ring.of(List.of(
                    Point.metres(x1 - nx, y1 - ny),
                    Point.metres(x2 - nx, y2 - ny),
                    Point.metres(x2 + nx, y2 + ny),
                    Point.metres(x1 + nx, y1 + ny))));
        }
        return parts;
    }

    private static Ring circle(Point centre, double radius) {
        double outer = radius / Math.cos(Math.PI / TRUNK_CORNERS);
        List<Point> corners = new ArrayList<>();
        for (int i = 0; i < TRUNK_CORNERS; i++) {
            double angle = 2 * Math.PI * i / TRUNK_CORNERS;
            corners.add(Point.metres(
                    centre.x().metres() + outer * Math.cos(angle), centre.y().metres() + outer * Math.sin(angle)));
        }
        return Ring.of(corners);
    }
}
