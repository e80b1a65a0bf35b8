package fairacre.server.store;

import static fairacre.server.store.generated.Tables.ARCH;

import fairacre.arch.Arch;
import fairacre.arch.ArchKinds;
import fairacre.measure.Length;
import fairacre.server.store.generated.tables.records.ArchRecord;
import java.util.UUID;

/** Arches, from rows and into rows. */
final class ArchRows {

    static final KeyedRows<ArchRecord, UUID, Arch> ROWS = KeyedRows.of(
            ArchKinds.ARCHES,
            ARCH,
            ARCH.GARDEN,
            ARCH.ID,
            (row, currency) -> new Arch(
                    row.get(ARCH.ID),
                    row.get(ARCH.NAME),
                    Columns.point(row.get(ARCH.FROM_X), row.get(ARCH.FROM_Y)),
                    Columns.point(row.get(ARCH.TO_X), row.get(ARCH.TO_Y)),
                    new Length(row.get(ARCH.PANEL)),
                    new Length(row.get(ARCH.WIDTH)),
                    Columns.lifetime(row.get(ARCH.FROM_SEASON), row.get(ARCH.UNTIL_SEASON))),
            (garden, arch) -> new ArchRecord(
                    garden,
                    arch.id(),
                    arch.name(),
                    arch.from().x().micrometres(),
                    arch.from().y().micrometres(),
                    arch.to().x().micrometres(),
                    arch.to().y().micrometres(),
                    arch.panel().micrometres(),
                    arch.width().micrometres(),
                    arch.lifetime().from().orElse(null),
                    arch.lifetime().until().orElse(null)));

    private ArchRows() {}
}
