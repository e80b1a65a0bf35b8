package fairacre.server.store;

import static fairacre.server.store.generated.Tables.BED_COVER;

import fairacre.cover.BedCover;
import fairacre.cover.CoverKind;
import fairacre.cover.CoverKinds;
import fairacre.measure.Length;
import fairacre.over.BedPlace;
import fairacre.over.Fabric;
import fairacre.plan.Lifetime;
import fairacre.server.store.generated.tables.records.BedCoverRecord;
import fairacre.sheet.SheetGood;
import java.util.UUID;

/** Covers on beds, from rows and into rows. */
final class CoverRows {

    static final KeyedRows<BedCoverRecord, UUID, BedCover> ROWS = KeyedRows.of(
            CoverKinds.COVERS,
            BED_COVER,
            BED_COVER.GARDEN,
            BED_COVER.ID,
            (row, currency) -> new BedCover(
                    row.get(BED_COVER.ID),
                    row.get(BED_COVER.NAME),
                    CoverKind.valueOf(row.get(BED_COVER.KIND)),
                    new Length(row.get(BED_COVER.LENGTH)),
                    new Length(row.get(BED_COVER.WIDTH)),
                    row.get(BED_COVER.SECTIONS),
                    new Length(row.get(BED_COVER.LOW)),
                    new Length(row.get(BED_COVER.HIGH)),
                    SheetGood.valueOf(row.get(BED_COVER.WALLS)),
                    SheetGood.valueOf(row.get(BED_COVER.PANE)),
                    Fabric.valueOf(row.get(BED_COVER.FABRIC)),
                    Columns.bedPlaces(
                            row.get(BED_COVER.BED),
                            row.get(BED_COVER.BED_FROM_SEASON),
                            row.get(BED_COVER.BED_UNTIL_SEASON)),
                    Columns.lifetime(row.get(BED_COVER.FROM_SEASON), row.get(BED_COVER.UNTIL_SEASON))),
            (garden, cover) -> new BedCoverRecord(
                    garden,
                    cover.id(),
                    cover.name(),
                    cover.kind().name(),
                    cover.length().micrometres(),
                    cover.width().micrometres(),
                    cover.sections(),
                    cover.low().micrometres(),
                    cover.high().micrometres(),
                    cover.walls().name(),
                    cover.pane().name(),
                    cover.fabric().name(),
                    cover.places().stream().map(BedPlace::bed).toArray(UUID[]::new),
                    Columns.seasons(cover.places(), Lifetime::from),
                    Columns.seasons(cover.places(), Lifetime::until),
                    cover.lifetime().from().orElse(null),
                    cover.lifetime().until().orElse(null)));

    private CoverRows() {}
}
