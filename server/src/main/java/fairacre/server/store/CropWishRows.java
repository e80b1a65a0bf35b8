package fairacre.server.store;

import static fairacre.server.store.generated.Tables.CROP_WISH;

import fairacre.harvest.CropWish;
import fairacre.harvest.HarvestKinds;
import fairacre.harvest.Want;
import fairacre.server.store.generated.tables.records.CropWishRecord;
import java.util.Optional;
import java.util.UUID;

/** What is eaten, from rows and into rows. */
final class CropWishRows {

    static final KeyedRows<CropWishRecord, UUID, CropWish> ROWS = KeyedRows.of(
            HarvestKinds.WISHES,
            CROP_WISH,
            CROP_WISH.GARDEN,
            CROP_WISH.ID,
            (row, currency) -> new CropWish(
                    row.get(CROP_WISH.ID),
                    row.get(CROP_WISH.CROP),
                    Optional.ofNullable(row.get(CROP_WISH.VARIETY)),
                    Want.valueOf(row.get(CROP_WISH.WANT)),
                    Optional.ofNullable(row.get(CROP_WISH.KILOGRAMS))),
            (garden, wish) -> new CropWishRecord(
                    garden,
                    wish.id(),
                    wish.crop(),
                    wish.want().name(),
                    wish.kilograms().orElse(null),
                    wish.variety().orElse(null)));

    private CropWishRows() {}
}
