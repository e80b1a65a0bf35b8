package fairacre.server.store;

import static fairacre.server.store.generated.Tables.GARDEN;
import static fairacre.server.store.generated.Tables.OFFCUT;

import fairacre.build.Board;
import fairacre.build.Material;
import fairacre.build.Offcut;
import fairacre.build.Workshop;
import fairacre.measure.Length;
import fairacre.server.store.generated.tables.records.GardenRecord;
import fairacre.server.store.generated.tables.records.OffcutRecord;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jooq.Record;

/** The saw and the shed, from rows and into rows. */
final class WorkshopRows {

    static final ListedRows<OffcutRecord, Offcut> OFFCUTS = new ListedRows<>(
            plan -> plan.workshop().offcuts(),
            OFFCUT,
            OFFCUT.GARDEN,
            List.of(OFFCUT.POSITION),
            (row, currency) -> offcut(row),
            (garden, position, offcut) -> new OffcutRecord(
                    garden,
                    position,
                    offcut.material().key(),
                    offcut.board().key(),
                    offcut.length().micrometres(),
                    offcut.count(),
                    ends(offcut, Offcut.Flaw::from),
                    ends(offcut, Offcut.Flaw::to)));

    private WorkshopRows() {}

    static Workshop workshop(Record row) {
        return new Workshop(
                new Length(row.get(GARDEN.KERF)),
                new Length(row.get(GARDEN.TRIM_END)),
                row.get(GARDEN.TIGHT),
                OFFCUTS.read(row),
                Stream.of(row.get(GARDEN.OWN_MATERIALS)).map(Material::of).toList(),
                Stream.of(row.get(GARDEN.OWN_BOARDS)).map(Board::of).toList());
    }

    private static Offcut offcut(Record row) {
        Long[] from = row.get(OFFCUT.FLAW_FROM);
        List<Offcut.Flaw> flaws = new ArrayList<>();
        for (int i = 0; i < from.length; i++) {
            flaws.add(new Offcut.Flaw(new Length(from[i]), new Length(row.get(OFFCUT.FLAW_TO)[i])));
        }
        return new Offcut(
                Material.of(row.get(OFFCUT.MATERIAL)),
                Board.of(row.get(OFFCUT.BOARD)),
                new Length(row.get(OFFCUT.LENGTH)),
                row.get(OFFCUT.COUNT),
                flaws);
    }

    static void describe(GardenRecord row, Workshop workshop) {
        row.setKerf(workshop.kerf().micrometres());
        row.setTrimEnd(workshop.trim().micrometres());
        row.setTight(workshop.tight());
        row.setOwnMaterials(workshop.materials().stream().map(Material::key).toArray(String[]::new));
        row.setOwnBoards(workshop.boards().stream().map(Board::key).toArray(String[]::new));
    }

    private static Long[] ends(Offcut offcut, Function<Offcut.Flaw, Length> end) {
        return offcut.flaws().stream()
                .map(flaw -> end.apply(flaw).micrometres())
                .toArray(Long[]::new);
    }
}
