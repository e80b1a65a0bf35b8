package fairacre.server.store;

import static fairacre.server.store.generated.Tables.PLANTING;

import fairacre.catalogue.Raising;
import fairacre.crop.BedPart;
import fairacre.crop.Layout;
import fairacre.crop.Planting;
import fairacre.crop.PlantingKinds;
import fairacre.measure.Length;
import fairacre.server.store.generated.tables.records.PlantingRecord;
import java.util.Optional;
import java.util.UUID;

/** Plantings, from rows and into rows. */
final class PlantingRows {

    static final KeyedRows<PlantingRecord, UUID, Planting> ROWS = KeyedRows.of(
            PlantingKinds.PLANTINGS,
            PLANTING,
            PLANTING.GARDEN,
            PLANTING.ID,
            (row, currency) -> new Planting(
                    row.get(PLANTING.ID),
                    row.get(PLANTING.NAME),
                    row.get(PLANTING.CROP),
                    Optional.ofNullable(row.get(PLANTING.VARIETY)),
                    row.get(PLANTING.BED),
                    new BedPart(
                            row.get(PLANTING.PART_FROM),
                            row.get(PLANTING.PART_TO),
                            row.get(PLANTING.PART_LOW),
                            row.get(PLANTING.PART_HIGH)),
                    Layout.valueOf(row.get(PLANTING.LAYOUT)),
                    Optional.ofNullable(row.get(PLANTING.IN_ROW)).map(Length::new),
                    Optional.ofNullable(row.get(PLANTING.BETWEEN_ROWS)).map(Length::new),
                    Raising.valueOf(row.get(PLANTING.RAISING)),
                    row.get(PLANTING.INTERPLANTED),
                    row.get(PLANTING.FROM_DAY),
                    row.get(PLANTING.UNTIL_DAY)),
            (garden, planting) -> new PlantingRecord(
                    garden,
                    planting.id(),
                    planting.name(),
                    planting.crop(),
                    planting.bed(),
                    planting.part().from(),
                    planting.part().to(),
                    planting.part().low(),
                    planting.part().high(),
                    planting.layout().name(),
                    planting.inRow().map(Length::micrometres).orElse(null),
                    planting.between().map(Length::micrometres).orElse(null),
                    planting.raising().name(),
                    planting.interplanted(),
                    planting.from(),
                    planting.until(),
                    planting.variety().orElse(null)));

    private PlantingRows() {}
}
