package fairacre.server.store;

import static fairacre.server.store.generated.Tables.CARRIER;
import static fairacre.server.store.generated.Tables.FEATURE;
import static fairacre.server.store.generated.Tables.GARDEN;
import static fairacre.server.store.generated.Tables.PLOT_CORNER;
import static fairacre.server.store.generated.Tables.SPOT_HEIGHT;
import static fairacre.server.store.generated.Tables.WALK;
import static fairacre.server.store.generated.Tables.WAY_IN;
import static org.jooq.impl.DSL.multiset;
import static org.jooq.impl.DSL.select;

import fairacre.measure.Length;
import fairacre.plan.Carrier;
import fairacre.plan.Clearing;
import fairacre.plan.Cover;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Point;
import fairacre.plan.Site;
import fairacre.plan.SoilNotes;
import fairacre.plan.SpotHeight;
import fairacre.plan.SqueezeTest;
import fairacre.plan.Surfacing;
import fairacre.plan.Swing;
import fairacre.plan.Layer;
import fairacre.plan.LayerKind;
import fairacre.plan.Walk;
import fairacre.plan.WalkBuild;
import fairacre.plan.WalkGrade;
import fairacre.plan.WayIn;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.Result;

/** The ground and what is on it, from rows. */
final class GroundRows {

    static final Field<? extends Result<?>> CORNERS = multiset(select(PLOT_CORNER.PIECE, PLOT_CORNER.X, PLOT_CORNER.Y)
            .from(PLOT_CORNER).where(PLOT_CORNER.GARDEN.eq(GARDEN.ID)).orderBy(PLOT_CORNER.PIECE, PLOT_CORNER.POSITION)).as("corners");

    static final Field<? extends Result<?>> LEVELS = multiset(select(SPOT_HEIGHT.X, SPOT_HEIGHT.Y, SPOT_HEIGHT.HEIGHT)
            .from(SPOT_HEIGHT).where(SPOT_HEIGHT.GARDEN.eq(GARDEN.ID)).orderBy(SPOT_HEIGHT.POSITION)).as("levels");

    static final Field<? extends Result<?>> FEATURES = multiset(select(FEATURE.ID, FEATURE.NAME, FEATURE.KIND, FEATURE.BREADTH,
            FEATURE.MARGIN, FEATURE.HEIGHT, FEATURE.BARE_IN_WINTER, FEATURE.LOOKOUT, FEATURE.LAID, FEATURE.X, FEATURE.Y)
            .from(FEATURE).where(FEATURE.GARDEN.eq(GARDEN.ID))).as("features");

    static final Field<? extends Result<?>> WAYS_IN = multiset(select(WAY_IN.ID, WAY_IN.NAME, WAY_IN.X, WAY_IN.Y, WAY_IN.WIDTH,
            WAY_IN.SWING, WAY_IN.FROM_SEASON, WAY_IN.UNTIL_SEASON, WAY_IN.SILL).from(WAY_IN).where(WAY_IN.GARDEN.eq(GARDEN.ID))).as("ways_in");

    static final Field<? extends Result<?>> CARRIERS = multiset(select(CARRIER.ID, CARRIER.NAME, CARRIER.WIDTH, CARRIER.WHEELS,
            CARRIER.TURNING).from(CARRIER).where(CARRIER.GARDEN.eq(GARDEN.ID))).as("carriers");

    static final Field<? extends Result<?>> WALKS = multiset(select(WALK.ID, WALK.NAME, WALK.GRADE, WALK.SURFACE, WALK.X, WALK.Y, WALK.SEASON,
            WALK.LAYER_KIND, WALK.LAYER_DEPTH, WALK.DUG_IN, WALK.EDGED)
            .from(WALK).where(WALK.GARDEN.eq(GARDEN.ID))).as("walks");

    private GroundRows() {}

    static Site site(Record row) {
        List<List<Point>> pieces = new ArrayList<>();
        for (Record corner : rows(row, CORNERS)) {
            while (pieces.size() <= corner.get(PLOT_CORNER.PIECE)) {
                pieces.add(new ArrayList<>());
            }
            pieces.get(corner.get(PLOT_CORNER.PIECE)).add(point(corner.get(PLOT_CORNER.X), corner.get(PLOT_CORNER.Y)));
        }
        SoilNotes soil = new SoilNotes(SqueezeTest.valueOf(row.get(GARDEN.SQUEEZE)),
                Optional.ofNullable(row.get(GARDEN.PERCOLATION)).map(Length::new), Cover.valueOf(row.get(GARDEN.COVER)),
                Clearing.valueOf(row.get(GARDEN.CLEARING)));
        return new Site(pieces.get(0), pieces.subList(1, pieces.size()), row.get(GARDEN.NORTH), row.get(GARDEN.LATITUDE),
                row.get(GARDEN.APPROXIMATE), rows(row, LEVELS).map(GroundRows::level), soil);
    }

    private static SpotHeight level(Record row) {
        return new SpotHeight(point(row.get(SPOT_HEIGHT.X), row.get(SPOT_HEIGHT.Y)), new Length(row.get(SPOT_HEIGHT.HEIGHT)));
    }

    static List<Feature> features(Record row) {
        return rows(row, FEATURES).map(r -> new Feature(r.get(FEATURE.ID), r.get(FEATURE.NAME),
                FeatureKind.valueOf(r.get(FEATURE.KIND)), points(r.get(FEATURE.X), r.get(FEATURE.Y)),
                new Length(r.get(FEATURE.BREADTH)), new Length(r.get(FEATURE.MARGIN)), new Length(r.get(FEATURE.HEIGHT)),
                r.get(FEATURE.BARE_IN_WINTER), r.get(FEATURE.LOOKOUT), Optional.ofNullable(r.get(FEATURE.LAID))));
    }

    static List<WayIn> waysIn(Record row) {
        return rows(row, WAYS_IN).map(r -> new WayIn(r.get(WAY_IN.ID), r.get(WAY_IN.NAME),
                point(r.get(WAY_IN.X), r.get(WAY_IN.Y)), new Length(r.get(WAY_IN.WIDTH)),
                Swing.valueOf(r.get(WAY_IN.SWING)), Optional.ofNullable(r.get(WAY_IN.FROM_SEASON)),
                Optional.ofNullable(r.get(WAY_IN.UNTIL_SEASON)), new Length(r.get(WAY_IN.SILL))));
    }

    static List<Carrier> carriers(Record row) {
        return rows(row, CARRIERS).map(r -> new Carrier(r.get(CARRIER.ID), r.get(CARRIER.NAME),
                new Length(r.get(CARRIER.WIDTH)), r.get(CARRIER.WHEELS), new Length(r.get(CARRIER.TURNING))));
    }

    static List<Walk> walks(Record row) {
        return rows(row, WALKS).map(r -> new Walk(r.get(WALK.ID), r.get(WALK.NAME), WalkGrade.valueOf(r.get(WALK.GRADE)),
                Surfacing.valueOf(r.get(WALK.SURFACE)), points(r.get(WALK.X), r.get(WALK.Y)), build(r)));
    }

    private static WalkBuild build(Record row) {
        String[] kinds = row.get(WALK.LAYER_KIND);
        Long[] depths = row.get(WALK.LAYER_DEPTH);
        List<Layer> layers = new ArrayList<>();
        for (int i = 0; i < kinds.length; i++) {
            layers.add(new Layer(LayerKind.valueOf(kinds[i]), new Length(depths[i])));
        }
        return new WalkBuild(Optional.ofNullable(row.get(WALK.SEASON)), layers, row.get(WALK.DUG_IN), row.get(WALK.EDGED));
    }

    static List<Point> points(Long[] x, Long[] y) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < x.length; i++) {
            points.add(point(x[i], y[i]));
        }
        return points;
    }

    static Long[] xs(List<Point> points) {
        return points.stream().map(p -> p.x().micrometres()).toArray(Long[]::new);
    }

    static Long[] ys(List<Point> points) {
        return points.stream().map(p -> p.y().micrometres()).toArray(Long[]::new);
    }

    private static Point point(long x, long y) {
        return new Point(new Length(x), new Length(y));
    }

    static Result<? extends Record> rows(Record row, Field<? extends Result<?>> field) {
        return row.get(field);
    }
}
