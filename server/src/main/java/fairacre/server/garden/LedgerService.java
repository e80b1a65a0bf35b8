package fairacre.server.garden;

import fairacre.bill.Bill;
import fairacre.bill.PriceItem;
import fairacre.format.FaultyFileException;
import fairacre.format.ReceiptText;
import fairacre.format.Scan;
import fairacre.format.Table;
import fairacre.ledger.Entry;
import fairacre.ledger.Forecast;
import fairacre.ledger.Receipt;
import fairacre.limits.RefusedException;
import fairacre.plan.Plan;
import fairacre.server.store.ReceiptStore;
import fairacre.server.store.StoredGarden;
import fairacre.server.store.VariantStore;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.joda.money.CurrencyUnit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What was paid for a garden, by its owner; a variant stands beside what was paid for the garden itself. Every method
 * throws {@link NoSuchGardenException} for a garden that is not theirs.
 */
@Service
public class LedgerService {

    private static final int ENTRIES_OF_A_PAGE = 25;
    private static final int MOST_ENTRIES = 100_000;

    private final GardenService gardens;
    private final ReceiptStore receipts;
    private final VariantStore variants;
    private final Allowance allowance;

    LedgerService(GardenService gardens, ReceiptStore receipts, VariantStore variants, Allowance allowance) {
        this.allowance = allowance;
        this.gardens = gardens;
        this.receipts = receipts;
        this.variants = variants;
    }

    /**
     * A page of the ledger with how the whole stands.
     *
     * @param count of all entries, those that take one back included
     * @param page from 0
     */
    public record LedgerPage(
            Forecast forecast, List<ReceiptStore.LedgerEntry> entries, int count, int page, int pages) {}

    public LedgerPage page(UUID owner, UUID garden, int page) {
        Forecast forecast = gardens.forecast(owner, garden);
        CurrencyUnit currency = forecast.budget().getCurrencyUnit();
        UUID book = variants.main(owner, garden);
        int count = receipts.count(book);
        int pages = Math.max(1, (count + ENTRIES_OF_A_PAGE - 1) / ENTRIES_OF_A_PAGE);
        int shown = Math.min(Math.max(page, 0), pages - 1);
        return new LedgerPage(
                forecast,
                receipts.newest(book, shown * ENTRIES_OF_A_PAGE, ENTRIES_OF_A_PAGE, currency),
                count,
                shown,
                pages);
    }

    /** All entries, the newest first. */
    public Table table(UUID owner, UUID garden) {
        Plan plan = gardens.plan(owner, garden);
        Map<String, String> sundries = plan.sundries().stream()
                .map(PriceItem::sundry)
                .collect(Collectors.toMap(PriceItem::key, PriceItem::label));
        return LedgerTable.of(
                receipts.newest(variants.main(owner, garden), 0, MOST_ENTRIES, plan.currency()), sundries);
    }

    /**
     * Enters a receipt. One whose id is there already is not entered again: a browser that lost the answer may ask
     * twice.
     *
     * @param again whether it is meant, though one of the same shop, day and sum is there
     * @throws RefusedException if such a one is there and it isn't meant, if it is in another currency than the garden,
     *     or pays for an order that is not open
     */
    @Transactional
    public void enter(UUID owner, UUID garden, Receipt receipt, boolean again) {
        Plan plan = gardens.plan(owner, garden);
        CurrencyUnit currency = plan.currency();
        receipt.checkCurrency(currency, "lines");
        UUID book = variants.main(owner, garden);
        gardens.lock(owner, book);
        if (receipts.has(book, receipt.id())) {
            return;
        }
        if (receipts.has(receipt.id())) {
            throw new NoSuchGardenException();
        }
        if (receipt.settles()
                .filter(order -> !receipts.isOpenOrder(book, order, currency))
                .isPresent()) {
            throw new RefusedException(
                    "settles", "this order was paid or taken back already", "look at the newest state of the ledger");
        }
        if (!again && receipts.knows(book, receipt)) {
            throw new RefusedException(
                    "again",
                    "a receipt from " + receipt.shop() + " of this day over " + receipt.total() + " is entered already",
                    "look for it in the list, or enter it all the same if it is another one");
        }
        if (receipts.count(book) >= MOST_ENTRIES) {
            throw new RefusedException(
                    "", "the ledger is full with " + MOST_ENTRIES + " entries", "begin a garden anew");
        }
        receipts.insert(book, receipt);
    }

    /**
     * Takes an entry back by a second one that undoes it; both stay in the ledger.
     *
     * @throws RefusedException if it is not there, or was taken back or paid already
     */
    @Transactional
    public void takeBack(UUID owner, UUID garden, UUID entry) {
        if (!receipts.reverse(
                variants.main(owner, garden), entry, gardens.plan(owner, garden).currency())) {
            throw new RefusedException(
                    "",
                    "this entry is not there, or was taken back or paid already",
                    "look at the newest state of the ledger");
        }
    }

    /** What the lines of a pasted or saved receipt say, things of the bill found by their names. */
    public ReceiptText.Found read(UUID owner, UUID garden, byte[] text) throws FaultyFileException {
        Bill bill = gardens.bill(owner, garden);
        return ReceiptText.read(
                text,
                bill.currency(),
                bill.lines().stream()
                        .map(line -> new ReceiptText.Known(
                                line.item().key(), line.item().label(), line.part()))
                        .toList());
    }

    /**
     * Keeps a photo or a PDF of the paper beside an entry, in place of the one that was there.
     *
     * @throws RefusedException if it is none, the entry isn't there, or there is no room for it
     */
    @Transactional
    public void keepScan(UUID owner, UUID garden, UUID entry, byte[] content) {
        Scan scan = Scan.of(content);
        UUID book = variants.main(owner, garden);
        gardens.lock(owner, book);
        if (!receipts.has(book, entry)) {
            throw new RefusedException("", "this entry is not there", "look at the newest state of the ledger");
        }
        allowance.room(owner, "scan", scan.content().length);
        receipts.keep(entry, scan);
    }

    public Optional<Scan> scan(UUID owner, UUID garden, UUID entry) {
        gardens.plan(owner, garden);
        return receipts.scan(variants.main(owner, garden), entry);
    }

    /** Every receipt with whether it was taken back, in the order in which they were entered. */
    public List<Entry> entries(UUID owner, UUID garden) {
        Plan plan = gardens.plan(owner, garden);
        return receipts.entered(variants.main(owner, garden), plan.currency());
    }

    /**
     * A new garden with what was paid for it, the receipts under new ids.
     *
     * @throws RefusedException at the receipt that pays for an order that is not open
     */
    @Transactional
    public StoredGarden begin(UUID owner, Plan plan, List<Entry> entries) {
        StoredGarden begun = gardens.create(owner, gardens.underAFreeName(owner, plan));
        restore(plan.id(), plan.currency(), entries);
        return begun;
    }

    private void restore(UUID garden, CurrencyUnit currency, List<Entry> entries) {
        Map<UUID, UUID> ids = new HashMap<>();
        entries.forEach(entry -> ids.put(entry.receipt().id(), UUID.randomUUID()));
        for (int i = 0; i < entries.size(); i++) {
            String field = "receipts/" + i + "/receipt";
            Receipt receipt = entries.get(i).receipt().under(ids);
            if (receipt.settles()
                    .filter(order -> !receipts.isOpenOrder(garden, order, currency))
                    .isPresent()) {
                throw new RefusedException(
                        field + "/settles", "it pays for no open order", "give the order before it, or leave this out");
            }
            receipts.insert(garden, receipt);
            // An order whose payment was taken back is open again for the next one.
            if (entries.get(i).takenBack() && receipt.settles().isPresent()) {
                receipts.reverse(garden, receipt.id(), currency);
            }
        }
        for (Entry entry : entries) {
            if (entry.takenBack() && entry.receipt().settles().isEmpty()) {
                receipts.reverse(garden, ids.get(entry.receipt().id()), currency);
            }
        }
    }
}
