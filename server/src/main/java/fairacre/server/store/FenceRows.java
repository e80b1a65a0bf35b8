package fairacre.server.store;

import static fairacre.server.store.generated.Tables.FENCE;
import static fairacre.server.store.generated.Tables.PEST;
import static fairacre.server.store.generated.Tables.POST_GROUND;

import fairacre.build.Material;
import fairacre.fence.Fence;
import fairacre.fence.FenceFoot;
import fairacre.fence.FenceKind;
import fairacre.fence.FenceKinds;
import fairacre.fence.Needs;
import fairacre.fence.Pest;
import fairacre.fence.PestKind;
import fairacre.fence.PostGround;
import fairacre.fence.PostKind;
import fairacre.measure.Length;
import fairacre.server.store.generated.tables.records.FenceRecord;
import fairacre.server.store.generated.tables.records.PestRecord;
import fairacre.server.store.generated.tables.records.PostGroundRecord;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.jooq.Record;

/** Fences and pests, from rows and into rows. */
final class FenceRows {

    private static final KeyedRows<FenceRecord, UUID, Fence> FENCES = KeyedRows.of(
            FenceKinds.FENCES,
            FENCE,
            FENCE.GARDEN,
            FENCE.ID,
            (row, currency) -> new Fence(
                    row.get(FENCE.ID),
                    row.get(FENCE.NAME),
                    Columns.points(row.get(FENCE.X), row.get(FENCE.Y)),
                    FenceKind.valueOf(row.get(FENCE.KIND)),
                    new Length(row.get(FENCE.HEIGHT)),
                    new FenceFoot(
                            FenceFoot.Way.valueOf(row.get(FENCE.FOOT)),
                            Optional.ofNullable(row.get(FENCE.FOOT_MESH)).map(FenceFoot.Mesh::valueOf),
                            new Length(row.get(FENCE.FOOT_UP)),
                            new Length(row.get(FENCE.FOOT_DOWN))),
                    PostKind.valueOf(row.get(FENCE.POSTS)),
                    Columns.points(row.get(FENCE.FIXED_X), row.get(FENCE.FIXED_Y)),
                    Columns.lifetime(row.get(FENCE.FROM_SEASON), row.get(FENCE.UNTIL_SEASON)),
                    Material.of(row.get(FENCE.TIMBER))),
            (garden, one) -> new FenceRecord(
                    garden,
                    one.id(),
                    one.name(),
                    Columns.xs(one.places()),
                    Columns.ys(one.places()),
                    one.kind().name(),
                    one.height().micrometres(),
                    one.foot().way().name(),
                    one.foot().mesh().map(Enum::name).orElse(null),
                    one.foot().up().micrometres(),
                    one.foot().down().micrometres(),
                    one.posts().name(),
                    Columns.xs(one.fixed()),
                    Columns.ys(one.fixed()),
                    one.lifetime().from().orElse(null),
                    one.lifetime().until().orElse(null),
                    one.timber().key()));

    private static final KeyedRows<PestRecord, UUID, Pest> PESTS = KeyedRows.of(
            FenceKinds.PESTS,
            PEST,
            PEST.GARDEN,
            PEST.ID,
            (row, currency) -> new Pest(
                    row.get(PEST.ID),
                    row.get(PEST.NAME),
                    PestKind.valueOf(row.get(PEST.KIND)),
                    Pest.Pressing.valueOf(row.get(PEST.PRESSING)),
                    needs(row),
                    Columns.lifetime(row.get(PEST.FROM_SEASON), row.get(PEST.UNTIL_SEASON))),
            (garden, one) -> new PestRecord(
                    garden,
                    one.id(),
                    one.name(),
                    one.kind().name(),
                    one.pressing().name(),
                    own(one, Needs::height),
                    own(one, Needs::mesh),
                    own(one, Needs::meshed),
                    own(one, Needs::buried),
                    own(one, Needs::apron),
                    one.own().map(Needs::climbs).orElse(null),
                    one.lifetime().from().orElse(null),
                    one.lifetime().until().orElse(null)));

    private static final KeyedRows<PostGroundRecord, UUID, PostGround> GROUNDS = KeyedRows.of(
            FenceKinds.GROUNDS,
            POST_GROUND,
            POST_GROUND.GARDEN,
            POST_GROUND.ID,
            (row, currency) -> new PostGround(
                    row.get(POST_GROUND.ID),
                    new Length(row.get(POST_GROUND.SNOW)),
                    new Length(row.get(POST_GROUND.FROST))),
            (garden, one) -> new PostGroundRecord(
                    garden, one.id(), one.snow().micrometres(), one.frost().micrometres()));

    static final List<KeyedRows<?, ?, ?>> ALL = List.of(FENCES, PESTS, GROUNDS);

    private FenceRows() {}

    private static Optional<Needs> needs(Record row) {
        return Optional.ofNullable(row.get(PEST.OWN_HEIGHT))
                .map(height -> new Needs(
                        new Length(height),
                        new Length(row.get(PEST.OWN_MESH)),
                        new Length(row.get(PEST.OWN_MESHED)),
                        new Length(row.get(PEST.OWN_BURIED)),
                        new Length(row.get(PEST.OWN_APRON)),
                        row.get(PEST.OWN_CLIMBS)));
    }

    private static Long own(Pest pest, Function<Needs, Length> what) {
        return pest.own().map(what).map(Length::micrometres).orElse(null);
    }
}
