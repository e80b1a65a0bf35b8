package fairacre.server.store;

import static fairacre.server.store.generated.Tables.FEATURE;

import fairacre.build.Masonry;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Lifetime;
import fairacre.plan.Things;
import fairacre.server.store.generated.tables.records.FeatureRecord;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.Record;

/**
 * What stands or lies on the plot, from rows and into rows; a column is zero or false where a feature has none of it.
 */
final class FeatureRows {

    static final KeyedRows<FeatureRecord, UUID, Feature> ROWS = KeyedRows.of(
            Things.FEATURES, FEATURE, FEATURE.GARDEN, FEATURE.ID, (row, currency) -> read(row), FeatureRows::written);

    private FeatureRows() {}

    private static Feature read(Record row) {
        UUID id = row.get(FEATURE.ID);
        String name = row.get(FEATURE.NAME);
        FeatureKind kind = FeatureKind.valueOf(row.get(FEATURE.KIND));
        List<Point> places = Columns.points(row.get(FEATURE.X), row.get(FEATURE.Y));
        Length breadth = new Length(row.get(FEATURE.BREADTH));
        Length margin = new Length(row.get(FEATURE.MARGIN));
        Length height = new Length(row.get(FEATURE.HEIGHT));
        boolean bare = row.get(FEATURE.BARE_IN_WINTER);
        Lifetime lifetime = Columns.lifetime(row.get(FEATURE.FROM_SEASON), row.get(FEATURE.UNTIL_SEASON));
        return switch (kind.extent()) {
            case AREA ->
                new Feature.AreaFeature(
                        id,
                        name,
                        kind,
                        places,
                        margin,
                        height,
                        Optional.ofNullable(row.get(FEATURE.RIDGE)).map(Length::new),
                        lifetime);
            case LINE ->
                new Feature.LineFeature(
                        id,
                        name,
                        kind,
                        places,
                        breadth,
                        margin,
                        height,
                        new Length(row.get(FEATURE.DEPTH)),
                        bare,
                        Optional.ofNullable(row.get(FEATURE.MASONRY)).map(Masonry::valueOf),
                        lifetime);
            case SPOT ->
                new Feature.SpotFeature(
                        id, name, kind, places, breadth, margin, height, bare, row.get(FEATURE.LOOKOUT), lifetime);
        };
    }

    private static FeatureRecord written(UUID garden, Feature feature) {
        FeatureRecord row = new FeatureRecord();
        row.setGarden(garden);
        row.setId(feature.id());
        row.setName(feature.name());
        row.setKind(feature.kind().name());
        row.setBreadth(feature.breadth().micrometres());
        row.setMargin(feature.margin().micrometres());
        row.setHeight(feature.height().micrometres());
        row.setDepth(0L);
        row.setBareInWinter(false);
        row.setLookout(false);
        row.setX(Columns.xs(feature.places()));
        row.setY(Columns.ys(feature.places()));
        row.setFromSeason(feature.lifetime().from().orElse(null));
        row.setUntilSeason(feature.lifetime().until().orElse(null));
        if (feature instanceof Feature.AreaFeature area) {
            row.setRidge(area.ridge().map(Length::micrometres).orElse(null));
        } else if (feature instanceof Feature.LineFeature line) {
            row.setDepth(line.depth().micrometres());
            row.setBareInWinter(line.bareInWinter());
            row.setMasonry(line.masonry().map(Masonry::name).orElse(null));
        } else if (feature instanceof Feature.SpotFeature spot) {
            row.setBareInWinter(spot.bareInWinter());
            row.setLookout(spot.lookout());
        }
        return row;
    }
}
