package fairacre.server.garden;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import fairacre.cost.Bill;
import fairacre.format.FaultyFileException;
import fairacre.format.ReceiptText;
import fairacre.format.Scan;
import fairacre.format.Table;
import fairacre.ledger.Forecast;
import fairacre.ledger.Paid;
import fairacre.ledger.Receipt;
import fairacre.ledger.ReceiptLine;
import fairacre.plan.Plan;
import fairacre.plan.PriceItem;
import fairacre.plan.RefusedException;
import fairacre.server.store.ReceiptStore;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.joda.money.CurrencyUnit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was paid for a garden, by its owner. Every method throws {@link NoSuchGardenException} for a garden that is not theirs. */
@Service
public class LedgerService {

    private static final int ENTRIES_OF_A_PAGE = 25;
    private static final int MOST_ENTRIES = 100_000;
    private static final int REMEMBERED_LEDGERS = 100;

    private final GardenService gardens;
    private final ReceiptStore receipts;
    private final Cache<UUID, Summed> summed = Caffeine.newBuilder().maximumSize(REMEMBERED_LEDGERS).build();

    LedgerService(GardenService gardens, ReceiptStore receipts) {
        this.gardens = gardens;
        this.receipts = receipts;
    }

    /**
     * A page of the ledger with how the whole stands.
     *
     * @param count of all entries, those that take one back included
     * @param page from 0
     */
    public record LedgerPage(Forecast forecast, List<ReceiptStore.LedgerEntry> entries, int count, int page, int pages) {}

    /** What was paid when there were so many entries: a ledger only grows, so that their number says whether it is the same. */
    private record Summed(int count, List<Paid> paid) {}

    public LedgerPage page(UUID owner, UUID garden, int page) {
        Bill bill = gardens.bill(owner, garden);
        CurrencyUnit currency = bill.currency();
        int count = receipts.count(garden);
        int pages = Math.max(1, (count + ENTRIES_OF_A_PAGE - 1) / ENTRIES_OF_A_PAGE);
        int shown = Math.min(Math.max(page, 0), pages - 1);
        return new LedgerPage(forecast(owner, garden, bill, count), receipts.newest(garden, shown * ENTRIES_OF_A_PAGE, ENTRIES_OF_A_PAGE, currency), count,
                shown, pages);
    }

    /** All entries, the newest first. */
    public Table table(UUID owner, UUID garden) {
        Plan plan = gardens.plan(owner, garden);
        Map<String, String> sundries = plan.sundries().stream().map(PriceItem::sundry).collect(Collectors.toMap(PriceItem::key, PriceItem::label));
        return LedgerTable.of(receipts.newest(garden, 0, MOST_ENTRIES, plan.currency()), sundries);
    }

    private Forecast forecast(UUID owner, UUID garden, Bill bill, int count) {
        Summed sums = summed.getIfPresent(garden);
        if (sums == null || sums.count() != count) {
            sums = new Summed(count, receipts.paid(garden, bill.currency()));
            summed.put(garden, sums);
        }
        return Forecast.of(gardens.plan(owner, garden).budget(), bill, sums.paid());
    }

    /**
     * Enters a receipt. One whose id is there already is not entered again: a browser that lost the answer may ask twice.
     *
     * @param again whether it is meant, though one of the same shop, day and sum is there
     * @throws RefusedException if such a one is there and it isn't meant, if it is in another currency than the garden, or pays for an
     *     order that is not open
     */
    @Transactional
    public void enter(UUID owner, UUID garden, Receipt receipt, boolean again) {
        Plan plan = gardens.plan(owner, garden);
        CurrencyUnit currency = plan.currency();
        for (ReceiptLine line : receipt.lines()) {
            if (!line.amount().getCurrencyUnit().equals(currency)) {
                throw new RefusedException("lines", line.amount() + " is not in the garden's currency " + currency, "give an amount in " + currency);
            }
        }
        gardens.lock(owner, garden);
        if (receipts.has(receipt.id())) {
            return;
        }
        if (receipt.settles().filter(order -> !receipts.isOpenOrder(garden, order, currency)).isPresent()) {
            throw new RefusedException("settles", "this order was paid or taken back already", "look at the newest state of the ledger");
        }
        if (!again && receipts.knows(garden, receipt)) {
            throw new RefusedException("again", "a receipt from " + receipt.shop() + " of this day over " + receipt.total() + " is entered already",
                    "look for it in the list, or enter it all the same if it is another one");
        }
        if (receipts.count(garden) >= MOST_ENTRIES) {
            throw new RefusedException("", "the ledger is full with " + MOST_ENTRIES + " entries", "begin a garden anew");
        }
        receipts.insert(garden, receipt);
    }

    /**
     * Takes an entry back by a second one that undoes it; both stay in the ledger.
     *
     * @throws RefusedException if it is not there, or was taken back or paid already
     */
    @Transactional
    public void takeBack(UUID owner, UUID garden, UUID entry) {
        if (!receipts.reverse(garden, entry, gardens.plan(owner, garden).currency())) {
            throw new RefusedException("", "this entry is not there, or was taken back or paid already", "look at the newest state of the ledger");
        }
    }

    /** What the lines of a pasted or saved receipt say, things of the bill found by their names. */
    public ReceiptText.Found read(UUID owner, UUID garden, byte[] text) throws FaultyFileException {
        Bill bill = gardens.bill(owner, garden);
        return ReceiptText.read(text, bill.currency(), bill.lines().stream()
                .map(line -> new ReceiptText.Known(line.item().key(), line.item().label(), line.part())).toList());
    }

    /**
     * Keeps a photo or a PDF of the paper beside an entry, in place of the one that was there.
     *
     * @throws RefusedException if it is none, or the entry isn't there
     */
    @Transactional
    public void keepScan(UUID owner, UUID garden, UUID entry, byte[] content) {
        Scan scan = Scan.of(content);
        gardens.lock(owner, garden);
        if (!receipts.has(garden, entry)) {
            throw new RefusedException("", "this entry is not there", "look at the newest state of the ledger");
        }
        receipts.keep(entry, scan);
    }

    public Optional<Scan> scan(UUID owner, UUID garden, UUID entry) {
        gardens.plan(owner, garden);
        return receipts.scan(garden, entry);
    }
}
