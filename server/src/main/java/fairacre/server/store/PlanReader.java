package fairacre.server.store;

import static fairacre.server.store.generated.Tables.BUDGET_SHARE;
import static fairacre.server.store.generated.Tables.CHANGE_LOG;
import static fairacre.server.store.generated.Tables.GARDEN;
import static fairacre.server.store.generated.Tables.GARDENER;
import static fairacre.server.store.generated.Tables.ON_HAND;
import static fairacre.server.store.generated.Tables.PRICE;
import static fairacre.server.store.generated.Tables.QUOTE;
import static fairacre.server.store.generated.Tables.SUNDRY;
import static org.jooq.impl.DSL.field;
import static org.jooq.impl.DSL.max;
import static org.jooq.impl.DSL.min;
import static org.jooq.impl.DSL.multiset;
import static org.jooq.impl.DSL.select;

import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.measure.Volume;
import fairacre.plan.Acquired;
import fairacre.plan.BillPart;
import fairacre.plan.Budget;
import fairacre.plan.BulkGood;
import fairacre.plan.Gardener;
import fairacre.plan.Plan;
import fairacre.plan.Posture;
import fairacre.plan.Price;
import fairacre.plan.PriceItem;
import fairacre.plan.Quote;
import fairacre.plan.Share;
import fairacre.plan.Sundry;
import fairacre.plan.Supply;
import fairacre.plan.Vehicle;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.Result;

/** Reads a whole plan, and what can be undone, in one statement. */
final class PlanReader {

    private static final Field<? extends Result<?>> GARDENERS = multiset(select(GARDENER.ID, GARDENER.NAME,
            GARDENER.REACH, GARDENER.POSTURE, GARDENER.PASSING, GARDENER.STATURE)
            .from(GARDENER).where(GARDENER.GARDEN.eq(GARDEN.ID))).as("gardeners");

    private static final Field<? extends Result<?>> PRICES = multiset(select(PRICE.ITEM, PRICE.AMOUNT, PRICE.GUESS)
            .from(PRICE).where(PRICE.GARDEN.eq(GARDEN.ID))).as("prices");

    private static final Field<? extends Result<?>> SUNDRIES = multiset(select(SUNDRY.ID, SUNDRY.NAME, SUNDRY.SEASON, SUNDRY.PART,
            SUNDRY.QUANTITY, SUNDRY.PRICE, SUNDRY.ACQUIRED).from(SUNDRY).where(SUNDRY.GARDEN.eq(GARDEN.ID))).as("sundries");

    private static final Field<? extends Result<?>> ON_HANDS = multiset(select(ON_HAND.GOOD, ON_HAND.VOLUME)
            .from(ON_HAND).where(ON_HAND.GARDEN.eq(GARDEN.ID))).as("on_hand");

    private static final Field<? extends Result<?>> SHARES = multiset(select(BUDGET_SHARE.PART, BUDGET_SHARE.SEASON, BUDGET_SHARE.AMOUNT)
            .from(BUDGET_SHARE).where(BUDGET_SHARE.GARDEN.eq(GARDEN.ID)).orderBy(BUDGET_SHARE.POSITION)).as("shares");

    private static final Field<? extends Result<?>> QUOTES = multiset(select(QUOTE.ID, QUOTE.ITEM, QUOTE.AMOUNT, QUOTE.SHOP, QUOTE.DATED, QUOTE.TAX,
            QUOTE.PINNED).from(QUOTE).where(QUOTE.GARDEN.eq(GARDEN.ID))).as("quotes");

    /** The newest edit that holds. */
    private static final Field<Long> UNDO = field(select(max(CHANGE_LOG.ID)).from(CHANGE_LOG)
            .where(CHANGE_LOG.GARDEN.eq(GARDEN.ID)).and(CHANGE_LOG.STATE.eq("DONE"))).as("undo");

    /** The oldest edit that was undone and not overtaken. */
    private static final Field<Long> REDO = field(select(min(CHANGE_LOG.ID)).from(CHANGE_LOG)
            .where(CHANGE_LOG.GARDEN.eq(GARDEN.ID)).and(CHANGE_LOG.STATE.eq("UNDONE"))).as("redo");

    private PlanReader() {}

    static Optional<StoredGarden> read(DSLContext database, UUID owner, UUID garden) {
        return database.select(GARDEN.asterisk(), GroundRows.CORNERS, GroundRows.LEVELS, GroundRows.FEATURES, GroundRows.WAYS_IN,
                GroundRows.CARRIERS, GroundRows.WALKS, GARDENERS, BedRows.BEDS, PRICES, SUNDRIES, ON_HANDS, SHARES, WorkshopRows.OFFCUTS, QUOTES, UNDO, REDO)
                .from(GARDEN).where(GARDEN.ID.eq(garden)).and(GARDEN.OWNER.eq(owner))
                .fetchOptional(PlanReader::stored);
    }

    private static StoredGarden stored(Record row) {
        CurrencyUnit currency = CurrencyUnit.of(row.get(GARDEN.CURRENCY));
        Budget budget = new Budget(money(currency, row.get(GARDEN.BUDGET)), row.get(GARDEN.CONTINGENCY),
                GroundRows.rows(row, SHARES).map(share -> share(share, currency)));
        Plan plan = new Plan(row.get(GARDEN.ID), row.get(GARDEN.NAME), Units.valueOf(row.get(GARDEN.UNITS)),
                row.get(GARDEN.FIRST_SEASON), budget, GroundRows.site(row), GroundRows.rows(row, GARDENERS).map(PlanReader::gardener),
                BedRows.beds(row), GroundRows.rows(row, PRICES).map(price -> price(price, currency)), GroundRows.features(row),
                GroundRows.waysIn(row), GroundRows.carriers(row), GroundRows.walks(row),
                GroundRows.rows(row, SUNDRIES).map(sundry -> sundry(sundry, currency)), supply(row), WorkshopRows.workshop(row),
                GroundRows.rows(row, QUOTES).map(quote -> quote(quote, currency)));
        return new StoredGarden(row.get(GARDEN.REVISION), plan, Optional.ofNullable(row.get(UNDO)),
                Optional.ofNullable(row.get(REDO)));
    }

    private static Share share(Record row, CurrencyUnit currency) {
        return new Share(Optional.ofNullable(row.get(BUDGET_SHARE.PART)).map(BillPart::valueOf), Optional.ofNullable(row.get(BUDGET_SHARE.SEASON)),
                money(currency, row.get(BUDGET_SHARE.AMOUNT)));
    }

    private static Gardener gardener(Record row) {
        return new Gardener(row.get(GARDENER.ID), row.get(GARDENER.NAME), new Length(row.get(GARDENER.REACH)),
                Posture.valueOf(row.get(GARDENER.POSTURE)), new Length(row.get(GARDENER.PASSING)),
                Optional.ofNullable(row.get(GARDENER.STATURE)).map(Length::new));
    }

    private static Price price(Record row, CurrencyUnit currency) {
        return new Price(PriceItem.of(row.get(PRICE.ITEM)), money(currency, row.get(PRICE.AMOUNT)), row.get(PRICE.GUESS));
    }

    private static Quote quote(Record row, CurrencyUnit currency) {
        return new Quote(row.get(QUOTE.ID), PriceItem.of(row.get(QUOTE.ITEM)), money(currency, row.get(QUOTE.AMOUNT)), Optional.ofNullable(row.get(QUOTE.SHOP)),
                row.get(QUOTE.DATED), row.get(QUOTE.TAX), row.get(QUOTE.PINNED));
    }

    private static Sundry sundry(Record row, CurrencyUnit currency) {
        return new Sundry(row.get(SUNDRY.ID), row.get(SUNDRY.NAME), row.get(SUNDRY.SEASON), BillPart.valueOf(row.get(SUNDRY.PART)),
                row.get(SUNDRY.QUANTITY), Optional.ofNullable(row.get(SUNDRY.PRICE)).map(price -> money(currency, price)),
                Acquired.valueOf(row.get(SUNDRY.ACQUIRED)));
    }

    private static Supply supply(Record row) {
        return new Supply(row.get(GARDEN.TIPPING), row.get(GARDEN.USE_SPOIL), row.get(GARDEN.TOP_UP_YEARS), GroundRows.rows(row, ON_HANDS)
                .map(one -> new Supply.OnHand(BulkGood.valueOf(one.get(ON_HAND.GOOD)), new Volume(one.get(ON_HAND.VOLUME)))),
                row.get(GARDEN.SHARED_DELIVERY), vehicles(row));
    }

    private static List<Vehicle> vehicles(Record row) {
        String[] names = row.get(GARDEN.VEHICLE_NAME);
        return IntStream.range(0, names.length).mapToObj(i -> new Vehicle(names[i], new Volume(row.get(GARDEN.VEHICLE_BED)[i]),
                row.get(GARDEN.VEHICLE_PAYLOAD)[i])).toList();
    }

    private static Money money(CurrencyUnit currency, BigDecimal amount) {
        return Money.of(currency, amount.setScale(currency.getDecimalPlaces()));
    }
}
