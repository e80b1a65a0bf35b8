package fairacre.drawing;

import static fairacre.drawing.Pages.LARGE;
import static fairacre.drawing.Pages.MARGIN;

import fairacre.ledger.ShoppingList;
import fairacre.ledger.ShoppingList.AtShop;
import fairacre.ledger.ShoppingList.ToBuy;
import java.util.List;
import org.joda.money.Money;

/** A shopping list as A4 pages with a box to tick before each thing. */
public final class ShoppingSheet {

    private static final double LINE = 7;
    private static final double SMALL = 3.4;
    private static final double QUANTITY = 24;
    private static final double LABEL = 42;
    private static final double AMOUNT = 168;
    private static final int LONGEST_LABEL = 58;

    private final Pages pages;

    private ShoppingSheet(Pages pages) {
        this.pages = pages;
    }

    /** @param garden its name */
    public static List<SheetDrawing> of(String garden, ShoppingList list) {
        String title = garden + ", to buy in " + list.season();
        Pages pages = new Pages(title);
        ShoppingSheet sheet = new ShoppingSheet(pages);
        pages.write(MARGIN, LARGE, title);
        pages.down(LINE * 1.2);
        pages.write(
                MARGIN,
                SMALL,
                "Together about " + text(list.total())
                        + (list.unpriced() > 0 ? ", " + list.unpriced() + " without a price" : "") + ".");
        pages.down(LINE);
        list.shops().forEach(sheet::shop);
        if (list.shops().isEmpty()) {
            pages.write(MARGIN, SMALL, "Nothing is left to buy.");
        }
        return pages.end();
    }

    private void shop(AtShop shop) {
        pages.makeRoom(2 * LINE);
        pages.down(LINE / 2);
        pages.write(
                MARGIN,
                SMALL,
                shop.shop().map(name -> "At " + name + ", as last time").orElse("Wherever it is to be had"));
        pages.rule(1.5);
        pages.down(LINE);
        shop.things().forEach(this::thing);
    }

    private void thing(ToBuy thing) {
        pages.makeRoom(LINE);
        pages.box();
        pages.write(QUANTITY, SMALL, thing.quantity().stripTrailingZeros().toPlainString() + " ×");
        pages.write(LABEL, SMALL, Pages.shortened(thing.label(), LONGEST_LABEL));
        pages.write(AMOUNT, SMALL, thing.amount().map(ShoppingSheet::text).orElse("no price"));
        pages.down(LINE);
    }

    private static String text(Money money) {
        return money.getCurrencyUnit().getCode() + " " + money.getAmount().toPlainString();
    }
}
