package fairacre.server.store;

import static fairacre.server.store.generated.Tables.FEATURE;

import fairacre.measure.Length;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Things;
import fairacre.server.store.generated.tables.records.FeatureRecord;
import java.util.UUID;

/** What stands or lies on the plot, from rows and into rows. */
final class FeatureRows {

    static final KeyedRows<FeatureRecord, UUID, Feature> ROWS = KeyedRows.of(
            Things.FEATURES,
            FEATURE,
            FEATURE.GARDEN,
            FEATURE.ID,
            (row, currency) -> new Feature(
                    row.get(FEATURE.ID),
                    row.get(FEATURE.NAME),
                    FeatureKind.valueOf(row.get(FEATURE.KIND)),
                    Columns.points(row.get(FEATURE.X), row.get(FEATURE.Y)),
                    new Length(row.get(FEATURE.BREADTH)),
                    new Length(row.get(FEATURE.MARGIN)),
                    new Length(row.get(FEATURE.HEIGHT)),
                    row.get(FEATURE.BARE_IN_WINTER),
                    row.get(FEATURE.LOOKOUT),
                    Columns.lifetime(row.get(FEATURE.FROM_SEASON), row.get(FEATURE.UNTIL_SEASON))),
            (garden, one) -> new FeatureRecord(
                    garden,
                    one.id(),
                    one.name(),
                    one.kind().name(),
                    one.breadth().micrometres(),
                    one.margin().micrometres(),
                    one.height().micrometres(),
                    one.bareInWinter(),
                    one.lookout(),
                    Columns.xs(one.places()),
                    Columns.ys(one.places()),
                    one.lifetime().from().orElse(null),
                    one.lifetime().until().orElse(null)));

    private FeatureRows() {}
}
