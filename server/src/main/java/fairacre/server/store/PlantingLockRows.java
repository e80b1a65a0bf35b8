package fairacre.server.store;

import static fairacre.server.store.generated.Tables.PLANTING_LOCK;

import fairacre.rotation.PlantingLock;
import fairacre.rotation.RotationKinds;
import fairacre.server.store.generated.tables.records.PlantingLockRecord;
import java.util.UUID;

/** Locked plantings, from rows and into rows. */
final class PlantingLockRows {

    static final KeyedRows<PlantingLockRecord, UUID, PlantingLock> ROWS = KeyedRows.of(
            RotationKinds.LOCKS,
            PLANTING_LOCK,
            PLANTING_LOCK.GARDEN,
            PLANTING_LOCK.ID,
            (row, currency) -> new PlantingLock(row.get(PLANTING_LOCK.ID), row.get(PLANTING_LOCK.PLANTING)),
            (garden, lock) -> new PlantingLockRecord(garden, lock.id(), lock.planting()));

    private PlantingLockRows() {}
}
