package fairacre.takeoff;

import fairacre.bill.BillPart;
import fairacre.sheet.SheetGood;
import fairacre.sheet.SheetPart;
import java.util.List;

/** Parts that are cut from sheets of one good for something of one part of the work. */
public record Sheets(int season, BillPart part, SheetGood good, List<SheetPart> parts, Served served) {

    public Sheets {
        parts = List.copyOf(parts);
    }
}
