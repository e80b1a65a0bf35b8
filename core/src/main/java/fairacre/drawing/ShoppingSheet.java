package fairacre.drawing;

import fairacre.drawing.Mark.Spot;
import fairacre.drawing.Mark.Stroke;
import fairacre.drawing.Mark.Words;
import fairacre.ledger.ShoppingList;
import fairacre.ledger.ShoppingList.AtShop;
import fairacre.ledger.ShoppingList.ToBuy;
import java.util.ArrayList;
import java.util.List;
import org.joda.money.Money;

/** A shopping list as A4 pages with a box to tick before each thing. */
public final class ShoppingSheet {

    private static final double WIDTH = 210;
    private static final double HEIGHT = 297;
    private static final double MARGIN = 15;
    private static final double LINE = 7;
    private static final double SMALL = 3.4;
    private static final double LARGE = 5;
    private static final double RULE = 0.2;
    private static final double BOX = 4;
    private static final double QUANTITY = 24;
    private static final double LABEL = 42;
    private static final double AMOUNT = 168;
    private static final int LONGEST_LABEL = 58;

    private final String title;
    private final List<SheetDrawing> pages = new ArrayList<>();
    private List<Mark> marks = new ArrayList<>();
    private double y = MARGIN + LARGE;

    private ShoppingSheet(String title) {
        this.title = title;
    }

    /** @param garden its name */
    public static List<SheetDrawing> of(String garden, ShoppingList list) {
        ShoppingSheet sheet = new ShoppingSheet(garden + ", to buy in " + list.season());
        sheet.write(MARGIN, LARGE, sheet.title);
        sheet.y += LINE * 1.2;
        sheet.write(MARGIN, SMALL, "Together about " + text(list.total()) + (list.unpriced() > 0 ? ", " + list.unpriced() + " without a price" : "") + ".");
        sheet.y += LINE;
        list.shops().forEach(sheet::shop);
        if (list.shops().isEmpty()) {
            sheet.write(MARGIN, SMALL, "Nothing is left to buy.");
        }
        sheet.endPage();
        return sheet.pages;
    }

    private void shop(AtShop shop) {
        makeRoom(2);
        y += LINE / 2;
        write(MARGIN, SMALL, shop.shop().map(name -> "At " + name + ", as last time").orElse("Wherever it is to be had"));
        marks.add(Stroke.line(RULE, new Spot(MARGIN, y + 1.5), new Spot(WIDTH - MARGIN, y + 1.5)));
        y += LINE;
        shop.things().forEach(this::thing);
    }

    private void thing(ToBuy thing) {
        makeRoom(1);
        double top = y - BOX + 0.6;
        marks.add(Stroke.line(RULE, new Spot(MARGIN, top), new Spot(MARGIN + BOX, top), new Spot(MARGIN + BOX, top + BOX), new Spot(MARGIN, top + BOX),
                new Spot(MARGIN, top)));
        write(QUANTITY, SMALL, thing.quantity().stripTrailingZeros().toPlainString() + " ×");
        write(LABEL, SMALL, shortened(thing.label()));
        write(AMOUNT, SMALL, thing.amount().map(ShoppingSheet::text).orElse("no price"));
        y += LINE;
    }

    private void makeRoom(int lines) {
        if (y + lines * LINE > HEIGHT - MARGIN) {
            endPage();
        }
    }

    private void write(double x, double height, String text) {
        marks.add(new Words(new Spot(x, y), text, height, false, 0));
    }

    private void endPage() {
        pages.add(new SheetDrawing(title, "A4", WIDTH, HEIGHT, marks));
        marks = new ArrayList<>();
        y = MARGIN + LARGE;
    }

    private static String text(Money money) {
        return money.getCurrencyUnit().getCode() + " " + money.getAmount().toPlainString();
    }

    private static String shortened(String label) {
        return label.length() > LONGEST_LABEL ? label.substring(0, LONGEST_LABEL - 1) + "…" : label;
    }
}
