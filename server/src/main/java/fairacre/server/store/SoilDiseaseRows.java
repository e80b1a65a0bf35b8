package fairacre.server.store;

import static fairacre.server.store.generated.Tables.SOIL_DISEASE;

import fairacre.husbandry.Disease;
import fairacre.husbandry.HusbandryKinds;
import fairacre.husbandry.SoilDisease;
import fairacre.server.store.generated.tables.records.SoilDiseaseRecord;
import java.util.UUID;

/** Diseases of the soil, from rows and into rows. */
final class SoilDiseaseRows {

    static final KeyedRows<SoilDiseaseRecord, UUID, SoilDisease> ROWS = KeyedRows.of(
            HusbandryKinds.SOIL_DISEASES,
            SOIL_DISEASE,
            SOIL_DISEASE.GARDEN,
            SOIL_DISEASE.ID,
            (row, currency) -> new SoilDisease(
                    row.get(SOIL_DISEASE.ID),
                    Disease.valueOf(row.get(SOIL_DISEASE.DISEASE)),
                    row.get(SOIL_DISEASE.BED),
                    row.get(SOIL_DISEASE.FOUND)),
            (garden, disease) -> new SoilDiseaseRecord(
                    garden, disease.id(), disease.disease().name(), disease.bed(), disease.found()));

    private SoilDiseaseRows() {}
}
