package fairacre.sheet;

import fairacre.measure.Length;
import fairacre.sheet.SheetPlan.CutSheet;
import fairacre.sheet.SheetPlan.PlacedPart;
import java.util.ArrayList;
import java.util.List;

/** A sheet that is filled part by part, each in the corner of what is left somewhere. Lengths in micrometres. */
final class SheetFill {

    /** Which way the rest of a piece is cut round a part in its corner. */
    enum Split {
        /** So that the larger of both rests is as large as can be. */
        LARGE,
        /** Along the part's length first. */
        LENGTHWISE,
        /** Across it first. */
        CROSSWISE
    }

    private final StockSheet sheet;
    private final long kerf;
    private final Split split;
    private final List<Rest> rests = new ArrayList<>();
    private final List<PlacedPart> placed = new ArrayList<>();

    SheetFill(StockSheet sheet, Length kerf, Split split) {
        this.sheet = sheet;
        this.kerf = kerf.micrometres();
        this.split = split;
        rests.add(new Rest(0, 0, sheet.length().micrometres(), sheet.width().micrometres()));
    }

    private record Rest(long x, long y, long length, long width) {

        /** How much is left beside a part on the tighter side; less than nothing where it does not fit. */
        long spare(long along, long across) {
            return Math.min(length - along, width - across);
        }
    }

    /** Whether a part found a place: in the rest into which it fits most tightly. */
    boolean takes(SheetPart part) {
        Rest best = null;
        boolean turned = false;
        long least = Long.MAX_VALUE;
        for (Rest rest : rests) {
            long straight = rest.spare(part.length().micrometres(), part.width().micrometres());
            if (straight >= 0 && straight < least) {
                best = rest;
                turned = false;
                least = straight;
            }
            long across = rest.spare(part.width().micrometres(), part.length().micrometres());
            if (part.turns() && across >= 0 && across < least) {
                best = rest;
                turned = true;
                least = across;
            }
        }
        if (best == null) {
            return false;
        }
        PlacedPart put = new PlacedPart(part, new Length(best.x()), new Length(best.y()), turned);
        placed.add(put);
        rests.remove(best);
        cut(best, put.along().micrometres(), put.across().micrometres());
        return true;
    }

    private void cut(Rest rest, long along, long across) {
        long right = rest.length() - along - kerf;
        long above = rest.width() - across - kerf;
        boolean lengthwise = switch (split) {
            case LENGTHWISE -> true;
            case CROSSWISE -> false;
            case LARGE ->
                Math.max((double) rest.length() * above, (double) right * across)
                        >= Math.max((double) along * above, (double) right * rest.width());
        };
        add(rest.x() + along + kerf, rest.y(), right, lengthwise ? across : rest.width());
        add(rest.x(), rest.y() + across + kerf, lengthwise ? rest.length() : along, above);
    }

    private void add(long x, long y, long length, long width) {
        if (length > 0 && width > 0) {
            rests.add(new Rest(x, y, length, width));
        }
    }

    CutSheet done() {
        return new CutSheet(sheet, placed);
    }
}
