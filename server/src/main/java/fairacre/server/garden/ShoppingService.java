package fairacre.server.garden;

import fairacre.ledger.ShoppingList;
import fairacre.limits.RefusedException;
import fairacre.server.store.ReceiptStore;
import fairacre.server.store.ShoppingStore;
import fairacre.server.store.VariantStore;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The shopping lists of a garden, by its owner. Every method throws {@link NoSuchGardenException} for a garden that is
 * not theirs.
 */
@Service
public class ShoppingService {

    private static final int LONGEST_KEY = 4000;

    private final GardenService gardens;
    private final ReceiptStore receipts;
    private final VariantStore variants;
    private final ShoppingStore ticks;
    private final Clock clock;

    ShoppingService(
            GardenService gardens, ReceiptStore receipts, VariantStore variants, ShoppingStore ticks, Clock clock) {
        this.gardens = gardens;
        this.receipts = receipts;
        this.variants = variants;
        this.ticks = ticks;
        this.clock = clock;
    }

    /**
     * A season's list as somebody in the shop has it.
     *
     * @param garden its name
     * @param ticked keys of the things that are in the cart
     * @param asOf when it was drawn up: without a signal a phone shows the one it has
     */
    public record Shopping(String garden, ShoppingList list, List<String> ticked, Instant asOf) {}

    public Shopping of(UUID owner, UUID garden, int season) {
        var bill = gardens.costs(owner, garden).bill();
        UUID book = variants.main(owner, garden);
        ShoppingList list = ShoppingList.of(bill, gardens.paid(owner, garden), season, receipts.lastShops(book));
        return new Shopping(gardens.plan(owner, garden).name(), list, ticks.ticked(garden, season), clock.instant());
    }

    /** @throws RefusedException if there is no such thing */
    @Transactional
    public void tick(UUID owner, UUID garden, int season, String item, boolean ticked) {
        gardens.plan(owner, garden);
        if (item == null || item.isBlank() || item.length() > LONGEST_KEY) {
            throw new RefusedException("item", "there is no such thing on the list", "tick one that is on it");
        }
        ticks.tick(garden, season, item, ticked);
    }
}
