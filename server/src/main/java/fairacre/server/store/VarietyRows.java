package fairacre.server.store;

import static fairacre.server.store.generated.Tables.VARIETY;

import fairacre.catalogue.Breeding;
import fairacre.catalogue.CropColumn;
import fairacre.catalogue.OwnFigure;
import fairacre.catalogue.SeedOnHand;
import fairacre.catalogue.Varieties;
import fairacre.catalogue.Variety;
import fairacre.catalogue.WhyChosen;
import fairacre.server.store.generated.tables.records.VarietyRecord;
import java.util.Arrays;
import java.util.Optional;
import java.util.UUID;

/** Own crops and varieties, from rows and into rows; a figure is written as its column, "=" and what stands there. */
final class VarietyRows {

    private static final String IS = "=";

    static final KeyedRows<VarietyRecord, UUID, Variety> ROWS = KeyedRows.of(
            Varieties.VARIETIES,
            VARIETY,
            VARIETY.GARDEN,
            VARIETY.ID,
            (row, currency) -> new Variety(
                    row.get(VARIETY.ID),
                    row.get(VARIETY.NAME),
                    row.get(VARIETY.CROP),
                    row.get(VARIETY.OWN_CROP),
                    Arrays.stream(row.get(VARIETY.FIGURES))
                            .map(VarietyRows::figure)
                            .toList(),
                    Optional.ofNullable(row.get(VARIETY.BREEDING)).map(Breeding::valueOf),
                    Arrays.stream(row.get(VARIETY.CHOSEN))
                            .map(WhyChosen::valueOf)
                            .toList(),
                    Optional.ofNullable(row.get(VARIETY.NOTE)),
                    Optional.ofNullable(row.get(VARIETY.SEEDS))
                            .map(seeds -> new SeedOnHand(
                                    seeds,
                                    row.get(VARIETY.SEED_YEAR),
                                    Optional.ofNullable(row.get(VARIETY.GERMINATION)),
                                    row.get(VARIETY.NO_MORE)))),
            (garden, variety) -> new VarietyRecord(
                    garden,
                    variety.id(),
                    variety.name(),
                    variety.crop(),
                    variety.ownCrop(),
                    variety.figures().stream().map(VarietyRows::text).toArray(String[]::new),
                    variety.breeding().map(Enum::name).orElse(null),
                    variety.chosen().stream().map(Enum::name).toArray(String[]::new),
                    variety.note().orElse(null),
                    variety.seed().map(SeedOnHand::seeds).orElse(null),
                    variety.seed().map(SeedOnHand::year).orElse(null),
                    variety.seed().flatMap(SeedOnHand::germination).orElse(null),
                    variety.seed().map(SeedOnHand::noMore).orElse(null)));

    private VarietyRows() {}

    private static OwnFigure figure(String text) {
        int is = text.indexOf(IS);
        return new OwnFigure(CropColumn.valueOf(text.substring(0, is)), text.substring(is + 1));
    }

    private static String text(OwnFigure own) {
        return own.column().name() + IS + own.figure();
    }
}
