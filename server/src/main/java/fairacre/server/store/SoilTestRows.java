package fairacre.server.store;

import static fairacre.server.store.generated.Tables.SOIL_TEST;

import fairacre.feeding.Amending;
import fairacre.feeding.FeedingKinds;
import fairacre.feeding.SoilTest;
import fairacre.feeding.Supplied;
import fairacre.feeding.Texture;
import fairacre.server.store.generated.tables.records.SoilTestRecord;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** Tests of the soil, from rows and into rows. */
final class SoilTestRows {

    static final KeyedRows<SoilTestRecord, UUID, SoilTest> ROWS = KeyedRows.of(
            FeedingKinds.SOIL_TESTS,
            SOIL_TEST,
            SOIL_TEST.GARDEN,
            SOIL_TEST.ID,
            (row, currency) -> new SoilTest(
                    row.get(SOIL_TEST.ID),
                    row.get(SOIL_TEST.NAME),
                    row.get(SOIL_TEST.TAKEN),
                    row.get(SOIL_TEST.ACIDITY),
                    Texture.valueOf(row.get(SOIL_TEST.TEXTURE)),
                    Optional.ofNullable(row.get(SOIL_TEST.PHOSPHORUS)).map(Supplied::valueOf),
                    Optional.ofNullable(row.get(SOIL_TEST.POTASSIUM)).map(Supplied::valueOf),
                    Amending.valueOf(row.get(SOIL_TEST.AMENDING)),
                    List.of(row.get(SOIL_TEST.BEDS))),
            (garden, test) -> new SoilTestRecord(
                    garden,
                    test.id(),
                    test.name(),
                    test.taken(),
                    test.acidity(),
                    test.texture().name(),
                    test.phosphorus().map(Enum::name).orElse(null),
                    test.potassium().map(Enum::name).orElse(null),
                    test.amending().name(),
                    test.beds().toArray(UUID[]::new)));

    private SoilTestRows() {}
}
