package fairacre.server.store;

import static fairacre.server.store.generated.Tables.RECEIPT;
import static fairacre.server.store.generated.Tables.RECEIPT_LINE;
import static fairacre.server.store.generated.Tables.RECEIPT_SCAN;
import static org.jooq.impl.DSL.lower;
import static org.jooq.impl.DSL.sum;

import fairacre.bill.BillPart;
import fairacre.format.Scan;
import fairacre.ledger.Entry;
import fairacre.ledger.Paid;
import fairacre.ledger.Receipt;
import fairacre.ledger.ReceiptLine;
import fairacre.plan.Plan;
import fairacre.server.store.generated.tables.records.ReceiptRecord;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Clock;
import java.time.LocalDate;
import java.time.MonthDay;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.Result;
import org.jooq.Select;
import org.springframework.stereotype.Repository;

/** What was paid for gardens. Whose garden it is has to be asked before. */
@Repository
public class ReceiptStore {

    private final DSLContext database;
    private final Clock clock;

    ReceiptStore(DSLContext database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /**
     * A line of an entry.
     *
     * @param cost the amount with its share of discount and tax
     */
    public record LedgerLine(
            String text, BigDecimal quantity, Money amount, Money cost, BillPart part, Optional<String> item) {}

    /**
     * A receipt in the ledger, or one taken back: then all its amounts and quantities are negative.
     *
     * @param difference how much more the paper says; empty if it agrees, or wasn't looked at
     * @param reverses the entry that this one takes back
     * @param reversed whether it was taken back
     * @param ordered whether it is an order
     * @param settles the order that it pays for
     * @param settled whether it is an order that was paid by a receipt that holds
     * @param scan what its paper was kept as
     */
    public record LedgerEntry(
            UUID id,
            LocalDate date,
            String shop,
            OffsetDateTime enteredAt,
            List<LedgerLine> lines,
            Money discount,
            Money tax,
            Money total,
            Optional<Money> paper,
            Optional<Money> difference,
            Optional<UUID> reverses,
            boolean reversed,
            boolean ordered,
            Optional<UUID> settles,
            boolean settled,
            Optional<Scan.Type> scan) {

        /** Whether it can be taken back: it holds, takes nothing back itself, and was not paid. */
        boolean standing() {
            return reverses.isEmpty() && !reversed && !settled;
        }
    }

    public void insert(UUID garden, Receipt receipt) {
        insert(garden, receipt.id(), receipt, 1, null);
    }

    /**
     * Takes an entry back by one of its own.
     *
     * @return false if there is no such entry, or it was taken back or paid before or takes one back itself
     */
    public boolean reverse(UUID garden, UUID entry, CurrencyUnit currency) {
        Optional<LedgerEntry> found = standing(garden, entry, currency);
        found.ifPresent(e -> insert(garden, UUID.randomUUID(), receipt(e, Optional.empty()), -1, e.id()));
        return found.isPresent();
    }

    private Optional<LedgerEntry> standing(UUID garden, UUID entry, CurrencyUnit currency) {
        return entries(
                        database.selectFrom(RECEIPT)
                                .where(RECEIPT.GARDEN.eq(garden))
                                .and(RECEIPT.ID.eq(entry))
                                .forUpdate()
                                .fetch(),
                        currency)
                .stream()
                .findFirst()
                .filter(LedgerEntry::standing);
    }

    /** Whether an order is there that holds and isn't paid yet; it stays so until the transaction ends. */
    public boolean isOpenOrder(UUID garden, UUID entry, CurrencyUnit currency) {
        return standing(garden, entry, currency).filter(LedgerEntry::ordered).isPresent();
    }

    private static Receipt receipt(LedgerEntry entry, Optional<UUID> settles) {
        List<ReceiptLine> lines = entry.lines().stream()
                .map(line -> new ReceiptLine(line.text(), line.quantity(), line.amount(), line.part(), line.item()))
                .toList();
        return new Receipt(
                entry.id(),
                entry.date(),
                entry.shop(),
                lines,
                entry.discount(),
                entry.tax(),
                entry.paper(),
                entry.ordered(),
                settles);
    }

    private void insert(UUID garden, UUID id, Receipt receipt, int sign, UUID reverses) {
        BigDecimal factor = BigDecimal.valueOf(sign);
        database.insertInto(RECEIPT)
                .set(RECEIPT.ID, id)
                .set(RECEIPT.GARDEN, garden)
                .set(RECEIPT.ENTERED_AT, OffsetDateTime.now(clock))
                .set(RECEIPT.DATED, receipt.date())
                .set(RECEIPT.SHOP, receipt.shop())
                .set(RECEIPT.DISCOUNT, receipt.discount().getAmount().multiply(factor))
                .set(RECEIPT.TAX, receipt.tax().getAmount().multiply(factor))
                .set(RECEIPT.TOTAL, receipt.total().getAmount().multiply(factor))
                .set(
                        RECEIPT.PAPER,
                        receipt.paper().map(p -> p.getAmount().multiply(factor)).orElse(null))
                .set(RECEIPT.REVERSES, reverses)
                .set(RECEIPT.ORDERED, receipt.ordered())
                .set(RECEIPT.SETTLES, receipt.settles().orElse(null))
                .execute();
        List<Money> costs = receipt.costs();
        var insert = database.insertInto(
                RECEIPT_LINE,
                RECEIPT_LINE.RECEIPT,
                RECEIPT_LINE.POSITION,
                RECEIPT_LINE.TEXT,
                RECEIPT_LINE.QUANTITY,
                RECEIPT_LINE.AMOUNT,
                RECEIPT_LINE.COST,
                RECEIPT_LINE.PART,
                RECEIPT_LINE.ITEM);
        for (int i = 0; i < receipt.lines().size(); i++) {
            ReceiptLine line = receipt.lines().get(i);
            insert = insert.values(
                    id,
                    i,
                    line.text(),
                    line.quantity().multiply(factor),
                    line.amount().getAmount().multiply(factor),
                    costs.get(i).getAmount().multiply(factor),
                    line.part().name(),
                    line.item().orElse(null));
        }
        insert.execute();
    }

    public int count(UUID garden) {
        return database.fetchCount(RECEIPT, RECEIPT.GARDEN.eq(garden));
    }

    /** Entries by date, the newest first. */
    public List<LedgerEntry> newest(UUID garden, int from, int most, CurrencyUnit currency) {
        return entries(
                database.selectFrom(RECEIPT)
                        .where(RECEIPT.GARDEN.eq(garden))
                        .orderBy(RECEIPT.DATED.desc(), RECEIPT.ENTERED_AT.desc(), RECEIPT.ID)
                        .limit(most)
                        .offset(from)
                        .fetch(),
                currency);
    }

    /** Receipts in the order in which they were entered, without those that take one back. */
    public List<Entry> entered(UUID garden, CurrencyUnit currency) {
        return entries(
                        database.selectFrom(RECEIPT)
                                .where(RECEIPT.GARDEN.eq(garden))
                                .and(RECEIPT.REVERSES.isNull())
                                .orderBy(RECEIPT.ENTERED_AT, RECEIPT.ORDERED.desc(), RECEIPT.ID)
                                .fetch(),
                        currency)
                .stream()
                .map(entry -> new Entry(receipt(entry, entry.settles()), entry.reversed()))
                .toList();
    }

    private List<LedgerEntry> entries(Result<ReceiptRecord> rows, CurrencyUnit currency) {
        List<UUID> ids = rows.map(ReceiptRecord::getId);
        Map<UUID, ? extends Result<?>> lines = database.selectFrom(RECEIPT_LINE)
                .where(RECEIPT_LINE.RECEIPT.in(ids))
                .orderBy(RECEIPT_LINE.RECEIPT, RECEIPT_LINE.POSITION)
                .fetchGroups(RECEIPT_LINE.RECEIPT);
        List<UUID> reversed = database.select(RECEIPT.REVERSES)
                .from(RECEIPT)
                .where(RECEIPT.REVERSES.in(ids))
                .fetch(RECEIPT.REVERSES);
        List<UUID> settled = database.select(RECEIPT.SETTLES)
                .from(RECEIPT)
                .where(RECEIPT.SETTLES.in(ids))
                .andNotExists(taking(RECEIPT.ID))
                .fetch(RECEIPT.SETTLES);
        Map<UUID, String> scans = database.select(RECEIPT_SCAN.RECEIPT, RECEIPT_SCAN.TYPE)
                .from(RECEIPT_SCAN)
                .where(RECEIPT_SCAN.RECEIPT.in(ids))
                .fetchMap(RECEIPT_SCAN.RECEIPT, RECEIPT_SCAN.TYPE);
        List<LedgerEntry> entries = new ArrayList<>();
        for (ReceiptRecord row : rows) {
            Optional<Money> paper = Optional.ofNullable(row.getPaper()).map(amount -> money(amount, currency));
            Money total = money(row.getTotal(), currency);
            entries.add(new LedgerEntry(
                    row.getId(),
                    row.getDated(),
                    row.getShop(),
                    row.getEnteredAt(),
                    lines.get(row.getId()).map(line -> line(line, currency)),
                    money(row.getDiscount(), currency),
                    money(row.getTax(), currency),
                    total,
                    paper,
                    paper.map(p -> p.minus(total)).filter(d -> !d.isZero()),
                    Optional.ofNullable(row.getReverses()),
                    reversed.contains(row.getId()),
                    row.getOrdered(),
                    Optional.ofNullable(row.getSettles()),
                    settled.contains(row.getId()),
                    Optional.ofNullable(scans.get(row.getId())).map(Scan.Type::valueOf)));
        }
        return entries;
    }

    private static LedgerLine line(Record row, CurrencyUnit currency) {
        return new LedgerLine(
                row.get(RECEIPT_LINE.TEXT),
                row.get(RECEIPT_LINE.QUANTITY).stripTrailingZeros(),
                money(row.get(RECEIPT_LINE.AMOUNT), currency),
                money(row.get(RECEIPT_LINE.COST), currency),
                BillPart.valueOf(row.get(RECEIPT_LINE.PART)),
                Optional.ofNullable(row.get(RECEIPT_LINE.ITEM)));
    }

    /** What was paid, or is ordered and open, by thing, part and season: summed by day here, by season below. */
    public List<Paid> paid(UUID garden, CurrencyUnit currency, MonthDay yearBegins) {
        Field<BigDecimal> quantity = sum(RECEIPT_LINE.QUANTITY);
        Field<BigDecimal> cost = sum(RECEIPT_LINE.COST);
        var payment = RECEIPT.as("payment");
        var days = database.select(RECEIPT_LINE.ITEM, RECEIPT_LINE.PART, RECEIPT.DATED, RECEIPT.ORDERED, quantity, cost)
                .from(RECEIPT_LINE)
                .join(RECEIPT)
                .on(RECEIPT.ID.eq(RECEIPT_LINE.RECEIPT))
                .where(RECEIPT.GARDEN.eq(garden))
                .andNotExists(database.selectOne()
                        .from(payment)
                        .where(payment.SETTLES.eq(RECEIPT.ID))
                        .andNotExists(taking(payment.ID)))
                .groupBy(RECEIPT_LINE.ITEM, RECEIPT_LINE.PART, RECEIPT.DATED, RECEIPT.ORDERED)
                .orderBy(RECEIPT.DATED, RECEIPT_LINE.PART, RECEIPT_LINE.ITEM, RECEIPT.ORDERED)
                .fetch(row -> new Paid(
                        Optional.ofNullable(row.value1()),
                        BillPart.valueOf(row.value2()),
                        Plan.season(row.value3(), yearBegins),
                        row.value4(),
                        row.value5(),
                        money(row.value6(), currency)));
        return Paid.summed(days);
    }

    /** The entry that takes one back. */
    private Select<?> taking(Field<UUID> entry) {
        var back = RECEIPT.as("back");
        return database.selectOne().from(back).where(back.REVERSES.eq(entry));
    }

    /** Puts a scan beside an entry, in place of the one that was there. */
    public void keep(UUID entry, Scan scan) {
        database.insertInto(RECEIPT_SCAN)
                .set(RECEIPT_SCAN.RECEIPT, entry)
                .set(RECEIPT_SCAN.TYPE, scan.type().name())
                .set(RECEIPT_SCAN.CONTENT, scan.content())
                .onConflict(RECEIPT_SCAN.RECEIPT)
                .doUpdate()
                .setAllToExcluded()
                .execute();
    }

    public Optional<Scan> scan(UUID garden, UUID entry) {
        return database.select(RECEIPT_SCAN.TYPE, RECEIPT_SCAN.CONTENT)
                .from(RECEIPT_SCAN)
                .join(RECEIPT)
                .on(RECEIPT.ID.eq(RECEIPT_SCAN.RECEIPT))
                .where(RECEIPT.GARDEN.eq(garden))
                .and(RECEIPT.ID.eq(entry))
                .fetchOptional(row -> new Scan(Scan.Type.valueOf(row.value1()), row.value2()));
    }

    public boolean has(UUID garden, UUID entry) {
        return database.fetchExists(RECEIPT, RECEIPT.GARDEN.eq(garden).and(RECEIPT.ID.eq(entry)));
    }

    /** For each thing on receipts that hold the shop where it was bought last. */
    public Map<String, String> lastShops(UUID garden) {
        return database.select(RECEIPT_LINE.ITEM, RECEIPT.SHOP)
                .distinctOn(RECEIPT_LINE.ITEM)
                .from(RECEIPT_LINE)
                .join(RECEIPT)
                .on(RECEIPT.ID.eq(RECEIPT_LINE.RECEIPT))
                .where(RECEIPT.GARDEN.eq(garden))
                .and(RECEIPT_LINE.ITEM.isNotNull())
                .and(RECEIPT.REVERSES.isNull())
                .andNotExists(taking(RECEIPT.ID))
                .orderBy(RECEIPT_LINE.ITEM, RECEIPT.DATED.desc(), RECEIPT.ENTERED_AT.desc())
                .fetchMap(RECEIPT_LINE.ITEM, RECEIPT.SHOP);
    }

    /** Whether a receipt from this shop of this day over this sum is entered and holds. */
    public boolean knows(UUID garden, Receipt receipt) {
        return database.fetchExists(database.selectOne()
                .from(RECEIPT)
                .where(RECEIPT.GARDEN.eq(garden))
                .and(RECEIPT.DATED.eq(receipt.date()))
                .and(lower(RECEIPT.SHOP).eq(receipt.shop().toLowerCase(Locale.ROOT)))
                .and(RECEIPT.TOTAL.eq(receipt.total().getAmount()))
                .and(RECEIPT.ORDERED.eq(receipt.ordered()))
                .and(RECEIPT.REVERSES.isNull())
                .andNotExists(taking(RECEIPT.ID)));
    }

    /** Whether an entry of this id is there already, in whichever garden. */
    public boolean has(UUID id) {
        return database.fetchExists(RECEIPT, RECEIPT.ID.eq(id));
    }

    private static Money money(BigDecimal amount, CurrencyUnit currency) {
        return Money.of(currency, amount.setScale(currency.getDecimalPlaces(), RoundingMode.UNNECESSARY));
    }
}
