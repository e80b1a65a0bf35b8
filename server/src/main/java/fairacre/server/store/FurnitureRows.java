package fairacre.server.store;

import static fairacre.server.store.generated.Tables.FURNITURE;

import fairacre.build.Board;
import fairacre.build.Material;
import fairacre.furniture.Furniture;
import fairacre.furniture.Furniture.BoardPart;
import fairacre.furniture.Furniture.SheetRow;
import fairacre.furniture.FurnitureKind;
import fairacre.furniture.FurnitureKinds;
import fairacre.measure.Length;
import fairacre.outline.Rectangle;
import fairacre.server.store.generated.tables.records.FurnitureRecord;
import fairacre.sheet.SheetGood;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jooq.Record;

/** Furniture, from rows and into rows. */
final class FurnitureRows {

    static final KeyedRows<FurnitureRecord, UUID, Furniture> ROWS = KeyedRows.of(
            FurnitureKinds.FURNITURE,
            FURNITURE,
            FURNITURE.GARDEN,
            FURNITURE.ID,
            (row, currency) -> new Furniture(
                    row.get(FURNITURE.ID),
                    row.get(FURNITURE.NAME),
                    FurnitureKind.valueOf(row.get(FURNITURE.KIND)),
                    new Rectangle(
                            Columns.point(row.get(FURNITURE.X), row.get(FURNITURE.Y)),
                            new Length(row.get(FURNITURE.LENGTH)),
                            new Length(row.get(FURNITURE.WIDTH)),
                            row.get(FURNITURE.TURN)),
                    new Length(row.get(FURNITURE.HEIGHT)),
                    Material.of(row.get(FURNITURE.MATERIAL)),
                    row.get(FURNITURE.SLABS),
                    boards(row),
                    sheets(row),
                    Columns.lifetime(row.get(FURNITURE.FROM_SEASON), row.get(FURNITURE.UNTIL_SEASON))),
            (garden, one) -> new FurnitureRecord(
                    garden,
                    one.id(),
                    one.name(),
                    one.kind().name(),
                    one.place().centre().x().micrometres(),
                    one.place().centre().y().micrometres(),
                    one.place().length().micrometres(),
                    one.place().width().micrometres(),
                    one.place().turn(),
                    one.height().micrometres(),
                    one.material().key(),
                    one.slabs(),
                    one.boards().stream().map(part -> part.board().key()).toArray(String[]::new),
                    one.boards().stream()
                            .map(part -> part.length().micrometres())
                            .toArray(Long[]::new),
                    one.boards().stream().map(BoardPart::count).toArray(Integer[]::new),
                    one.sheets().stream().map(part -> part.good().name()).toArray(String[]::new),
                    one.sheets().stream()
                            .map(part -> part.length().micrometres())
                            .toArray(Long[]::new),
                    one.sheets().stream()
                            .map(part -> part.width().micrometres())
                            .toArray(Long[]::new),
                    one.sheets().stream().map(SheetRow::count).toArray(Integer[]::new),
                    one.lifetime().from().orElse(null),
                    one.lifetime().until().orElse(null)));

    private FurnitureRows() {}

    private static List<BoardPart> boards(Record row) {
        String[] boards = row.get(FURNITURE.BOARD);
        Long[] lengths = row.get(FURNITURE.BOARD_LENGTH);
        Integer[] counts = row.get(FURNITURE.BOARD_COUNT);
        return IntStream.range(0, boards.length)
                .mapToObj(i -> new BoardPart(Board.of(boards[i]), new Length(lengths[i]), counts[i]))
                .toList();
    }

    private static List<SheetRow> sheets(Record row) {
        String[] goods = row.get(FURNITURE.SHEET);
        Long[] lengths = row.get(FURNITURE.SHEET_LENGTH);
        Long[] widths = row.get(FURNITURE.SHEET_WIDTH);
        Integer[] counts = row.get(FURNITURE.SHEET_COUNT);
        return IntStream.range(0, goods.length)
                .mapToObj(i -> new SheetRow(
                        SheetGood.valueOf(goods[i]), new Length(lengths[i]), new Length(widths[i]), counts[i]))
                .toList();
    }
}
