package fairacre.server.store;

import static fairacre.server.store.generated.Tables.HOUSEHOLD;

import fairacre.harvest.HarvestKinds;
import fairacre.harvest.Household;
import fairacre.server.store.generated.tables.records.HouseholdRecord;
import java.util.UUID;

/** Who eats, from rows and into rows. */
final class HouseholdRows {

    static final KeyedRows<HouseholdRecord, UUID, Household> ROWS = KeyedRows.of(
            HarvestKinds.HOUSEHOLD,
            HOUSEHOLD,
            HOUSEHOLD.GARDEN,
            HOUSEHOLD.ID,
            (row, currency) -> new Household(row.get(HOUSEHOLD.ID), row.get(HOUSEHOLD.EATERS)),
            (garden, household) -> new HouseholdRecord(garden, household.id(), household.eaters()));

    private HouseholdRows() {}
}
