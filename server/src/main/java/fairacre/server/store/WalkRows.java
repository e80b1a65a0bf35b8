package fairacre.server.store;

import static fairacre.server.store.generated.Tables.WALK;

import fairacre.goods.Layer;
import fairacre.goods.LayerKind;
import fairacre.goods.Surfacing;
import fairacre.goods.WalkBuild;
import fairacre.goods.WalkGrade;
import fairacre.measure.Length;
import fairacre.plan.Things;
import fairacre.plan.Walk;
import fairacre.server.store.generated.tables.records.WalkRecord;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jooq.Record;

/** Walks with their layers, from rows and into rows. */
final class WalkRows {

    static final KeyedRows<WalkRecord, UUID, Walk> ROWS = KeyedRows.of(
            Things.WALKS,
            WALK,
            WALK.GARDEN,
            WALK.ID,
            (row, currency) -> new Walk(
                    row.get(WALK.ID),
                    row.get(WALK.NAME),
                    WalkGrade.valueOf(row.get(WALK.GRADE)),
                    Surfacing.valueOf(row.get(WALK.SURFACE)),
                    Columns.points(row.get(WALK.X), row.get(WALK.Y)),
                    build(row),
                    Columns.lifetime(row.get(WALK.FROM_SEASON), row.get(WALK.UNTIL_SEASON))),
            (garden, one) -> new WalkRecord(
                    garden,
                    one.id(),
                    one.name(),
                    one.grade().name(),
                    one.surface().name(),
                    Columns.xs(one.corners()),
                    Columns.ys(one.corners()),
                    one.lifetime().from().orElse(null),
                    one.build().layers().stream()
                            .map(layer -> layer.kind().name())
                            .toArray(String[]::new),
                    one.build().layers().stream()
                            .map(layer -> layer.depth().micrometres())
                            .toArray(Long[]::new),
                    one.build().dugIn(),
                    one.build().edged(),
                    one.lifetime().until().orElse(null)));

    private static WalkBuild build(Record row) {
        String[] kinds = row.get(WALK.LAYER_KIND);
        Long[] depths = row.get(WALK.LAYER_DEPTH);
        List<Layer> layers = IntStream.range(0, kinds.length)
                .mapToObj(i -> new Layer(LayerKind.valueOf(kinds[i]), new Length(depths[i])))
                .toList();
        return new WalkBuild(layers, row.get(WALK.DUG_IN), row.get(WALK.EDGED));
    }

    private WalkRows() {}
}
