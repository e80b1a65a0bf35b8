package fairacre.server.store;

import static fairacre.server.store.GroundRows.xs;
import static fairacre.server.store.GroundRows.ys;
import static fairacre.server.store.generated.Tables.CARRIER;
import static fairacre.server.store.generated.Tables.FEATURE;
import static fairacre.server.store.generated.Tables.PLOT_CORNER;
import static fairacre.server.store.generated.Tables.SPOT_HEIGHT;
import static fairacre.server.store.generated.Tables.WALK;
import static fairacre.server.store.generated.Tables.WAY_IN;

import fairacre.plan.Carrier;
import fairacre.plan.Feature;
import fairacre.plan.Plan;
import fairacre.plan.Point;
import fairacre.plan.Site;
import fairacre.plan.SpotHeight;
import fairacre.plan.Walk;
import fairacre.plan.WalkBuild;
import fairacre.plan.WayIn;
import fairacre.server.store.generated.tables.records.CarrierRecord;
import fairacre.server.store.generated.tables.records.FeatureRecord;
import fairacre.server.store.generated.tables.records.PlotCornerRecord;
import fairacre.server.store.generated.tables.records.SpotHeightRecord;
import fairacre.server.store.generated.tables.records.WalkRecord;
import fairacre.server.store.generated.tables.records.WayInRecord;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import org.jooq.DSLContext;
import org.jooq.Table;
import org.jooq.TableField;
import org.jooq.TableRecord;

/** Writes the rows of the ground and of what is on it in which one plan differs from another. */
final class GroundWriter {

    private final DSLContext database;
    private final UUID garden;

    GroundWriter(DSLContext database, UUID garden) {
        this.database = database;
        this.garden = garden;
    }

    void insert(Plan plan) {
        insertCorners(plan.site());
        insertLevels(plan.site());
        database.batchInsert(plan.features().stream().map(this::row).toList()).execute();
        database.batchInsert(plan.waysIn().stream().map(this::row).toList()).execute();
        database.batchInsert(plan.carriers().stream().map(this::row).toList()).execute();
        database.batchInsert(plan.walks().stream().map(this::row).toList()).execute();
    }

    void update(Plan before, Plan after) {
        if (!before.site().pieces().equals(after.site().pieces())) {
            database.deleteFrom(PLOT_CORNER).where(PLOT_CORNER.GARDEN.eq(garden)).execute();
            insertCorners(after.site());
        }
        if (!before.site().levels().equals(after.site().levels())) {
            database.deleteFrom(SPOT_HEIGHT).where(SPOT_HEIGHT.GARDEN.eq(garden)).execute();
            insertLevels(after.site());
        }
        replace(FEATURE, FEATURE.GARDEN, FEATURE.ID, before.features(), after.features(), Feature::id, this::row);
        replace(WAY_IN, WAY_IN.GARDEN, WAY_IN.ID, before.waysIn(), after.waysIn(), WayIn::id, this::row);
        replace(CARRIER, CARRIER.GARDEN, CARRIER.ID, before.carriers(), after.carriers(), Carrier::id, this::row);
        replace(WALK, WALK.GARDEN, WALK.ID, before.walks(), after.walks(), Walk::id, this::row);
    }

    /** Deletes what is no longer there as it was and writes what is new or changed. */
    private <R extends TableRecord<R>, T> void replace(Table<R> table, TableField<R, UUID> gardenField, TableField<R, UUID> idField,
            List<T> before, List<T> after, Function<T, UUID> id, Function<T, R> row) {
        PlanWriter.deleteGone(before, after, id,
                ids -> database.deleteFrom(table).where(gardenField.eq(garden)).and(idField.in(ids)).execute());
        database.batchInsert(PlanWriter.fresh(before, after).stream().map(row).toList()).execute();
    }

    private void insertCorners(Site site) {
        List<PlotCornerRecord> rows = new ArrayList<>();
        for (int piece = 0; piece < site.pieces().size(); piece++) {
            int position = 0;
            for (Point corner : site.pieces().get(piece)) {
                PlotCornerRecord row = new PlotCornerRecord();
                row.setGarden(garden);
                row.setPiece(piece);
                row.setPosition(position++);
                row.setX(corner.x().micrometres());
                row.setY(corner.y().micrometres());
                rows.add(row);
            }
        }
        database.batchInsert(rows).execute();
    }

    private void insertLevels(Site site) {
        List<SpotHeightRecord> rows = new ArrayList<>();
        for (SpotHeight level : site.levels()) {
            rows.add(new SpotHeightRecord(garden, rows.size(), level.place().x().micrometres(), level.place().y().micrometres(),
                    level.height().micrometres()));
        }
        database.batchInsert(rows).execute();
    }

    private FeatureRecord row(Feature feature) {
        return new FeatureRecord(garden, feature.id(), feature.name(), feature.kind().name(), feature.breadth().micrometres(),
                feature.margin().micrometres(), feature.height().micrometres(), feature.bareInWinter(), feature.lookout(),
                xs(feature.places()), ys(feature.places()), feature.laid().orElse(null));
    }

    private WayInRecord row(WayIn way) {
        return new WayInRecord(garden, way.id(), way.name(), way.place().x().micrometres(), way.place().y().micrometres(),
                way.width().micrometres(), way.swing().name(), way.from().orElse(null), way.until().orElse(null),
                way.sill().micrometres());
    }

    private CarrierRecord row(Carrier carrier) {
        return new CarrierRecord(garden, carrier.id(), carrier.name(), carrier.width().micrometres(), carrier.wheels(),
                carrier.turning().micrometres());
    }

    private WalkRecord row(Walk walk) {
        WalkBuild build = walk.build();
        return new WalkRecord(garden, walk.id(), walk.name(), walk.grade().name(), walk.surface().name(), xs(walk.corners()),
                ys(walk.corners()), build.season().orElse(null), build.layers().stream().map(layer -> layer.kind().name()).toArray(String[]::new),
                build.layers().stream().map(layer -> layer.depth().micrometres()).toArray(Long[]::new), build.dugIn(), build.edged());
    }
}
