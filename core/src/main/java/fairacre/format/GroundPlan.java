package fairacre.format;

import fairacre.outline.Point;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.FeatureKind.Extent;
import fairacre.plan.Plan;
import fairacre.plan.WayIn;
import fairacre.shape.FenceLine;
import fairacre.shape.Memo;
import fairacre.shape.PlotSides;
import fairacre.water.WaterStudy;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.locationtech.jts.geom.LineSegment;

/**
 * What lies on the plot in a season as outlines, lines and places in layers, for programs that draw or measure.
 * Coordinates are those of the plot, metres.
 */
final class GroundPlan {

    /** What is drawn together, from the ground up. */
    enum Layer {
        PLOT,
        WAYS_IN,
        SITE,
        WALKS,
        PIPES,
        FENCES,
        BEDS,
        STRUCTURES
    }

    /**
     * Something that is drawn.
     *
     * @param kind in small letters
     * @param places round it, along it, or the one where it is
     */
    record Drawn(Layer layer, String kind, String name, Extent extent, List<Point> places) {
        Drawn {
            places = List.copyOf(places);
        }
    }

    private final Plan plan;
    private final int season;
    private final List<Drawn> drawn = new ArrayList<>();

    private GroundPlan(Plan plan, int season) {
        this.plan = plan;
        this.season = season;
    }

    /** All that stands or lies there in the season, layer by layer. */
    static List<Drawn> of(Plan plan, int season) {
        GroundPlan ground = new GroundPlan(plan, season);
        ground.plot();
        ground.pipes();
        plan.walks(season).forEach(walk -> ground.put(Layer.WALKS, "walk", walk.name(), Extent.AREA, walk.corners()));
        plan.standing(season).forEach(bed -> ground.put(Layer.BEDS, "bed", bed.name(), Extent.AREA, bed.corners()));
        plan.standingThings(season).forEach(ground::standing);
        return Stream.of(Layer.values())
                .flatMap(layer -> ground.drawn.stream().filter(each -> each.layer() == layer))
                .toList();
    }

    private void put(Layer layer, String kind, String name, Extent extent, List<Point> places) {
        drawn.add(new Drawn(layer, kind, name, extent, places));
    }

    private void plot() {
        plan.site().pieces().forEach(piece -> put(Layer.PLOT, "plot", plan.name(), Extent.AREA, piece));
        plan.waysIn(season).forEach(this::wayIn);
    }

    private void wayIn(WayIn gate) {
        LineSegment opening = PlotSides.opening(gate, plan.setting(season));
        put(
                Layer.WAYS_IN,
                "way in",
                gate.name(),
                Extent.LINE,
                List.of(Point.metres(opening.p0.x, opening.p0.y), Point.metres(opening.p1.x, opening.p1.y)));
    }

    private void pipes() {
        WaterStudy water = WaterStudy.of(plan, season, plan.standing(season), Memo.none());
        water.runs()
                .forEach(run -> put(
                        Layer.PIPES,
                        run.toManifold() ? "pipe to a manifold" : "run",
                        plan.nameOf(run.run()).orElse(""),
                        Extent.LINE,
                        run.places()));
        water.linesToBeds().forEach(places -> put(Layer.PIPES, "line in a bed", "", Extent.LINE, places));
    }

    private void standing(Feature feature) {
        Layer layer = layer(feature.kind());
        String kind = feature.kind().name().toLowerCase(Locale.ROOT).replace('_', ' ');
        if (FenceLine.isOpened(feature)) {
            FenceLine.of(feature, plan.setting(season))
                    .parts()
                    .forEach(part -> put(layer, kind, feature.name(), Extent.LINE, part));
            return;
        }
        put(layer, kind, feature.name(), feature.kind().extent(), feature.places());
    }

    private static Layer layer(FeatureKind kind) {
        return switch (kind) {
            case FENCE -> Layer.FENCES;
            case TRELLIS, TUNNEL, COMPOST, BENCH -> Layer.STRUCTURES;
            default -> Layer.SITE;
        };
    }
}
