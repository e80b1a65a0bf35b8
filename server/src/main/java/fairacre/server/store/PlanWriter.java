package fairacre.server.store;

import static fairacre.server.store.generated.Tables.BED;
import static fairacre.server.store.generated.Tables.BED_REVISION;
import static fairacre.server.store.generated.Tables.BUDGET_SHARE;
import static fairacre.server.store.generated.Tables.GARDEN;
import static fairacre.server.store.generated.Tables.GARDENER;
import static fairacre.server.store.generated.Tables.OFFCUT;
import static fairacre.server.store.generated.Tables.ON_HAND;
import static fairacre.server.store.generated.Tables.PRICE;
import static fairacre.server.store.generated.Tables.QUOTE;
import static fairacre.server.store.generated.Tables.SUNDRY;

import fairacre.measure.Length;
import fairacre.plan.Bed;
import fairacre.plan.Budget;
import fairacre.plan.Gardener;
import fairacre.plan.Plan;
import fairacre.plan.Price;
import fairacre.plan.Quote;
import fairacre.plan.Sundry;
import fairacre.plan.Supply;
import fairacre.plan.Vehicle;
import fairacre.server.store.generated.tables.records.BedRecord;
import fairacre.server.store.generated.tables.records.BudgetShareRecord;
import fairacre.server.store.generated.tables.records.GardenRecord;
import fairacre.server.store.generated.tables.records.GardenerRecord;
import fairacre.server.store.generated.tables.records.OnHandRecord;
import fairacre.server.store.generated.tables.records.PriceRecord;
import fairacre.server.store.generated.tables.records.QuoteRecord;
import fairacre.server.store.generated.tables.records.SundryRecord;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import org.joda.money.Money;
import org.jooq.DSLContext;

/** Writes the rows in which one plan differs from another. */
final class PlanWriter {

    private final DSLContext database;
    private final UUID garden;
    private final GroundWriter ground;

    PlanWriter(DSLContext database, UUID garden) {
        this.database = database;
        this.garden = garden;
        this.ground = new GroundWriter(database, garden);
    }

    void insert(UUID owner, Plan plan, OffsetDateTime now) {
        GardenRecord row = database.newRecord(GARDEN);
        row.setId(garden);
        row.setOwner(owner);
        row.setRevision(0L);
        row.setFirstSeason(plan.firstSeason());
        row.setCurrency(plan.currency().getCode());
        row.setCreatedAt(now);
        describe(row, plan);
        row.insert();
        insertGardeners(plan.gardeners());
        insertBeds(plan.beds());
        insertPrices(plan.prices());
        insertSundries(plan.sundries());
        insertQuotes(plan.quotes());
        insertOnHand(plan.supply());
        insertShares(plan.budget());
        database.batchInsert(WorkshopRows.offcuts(garden, plan.workshop())).execute();
        ground.insert(plan);
    }

    void update(Plan before, Plan after, long revision) {
        GardenRecord row = database.newRecord(GARDEN);
        describe(row, after);
        row.setRevision(revision);
        database.update(GARDEN).set(row).where(GARDEN.ID.eq(garden)).execute();
        deleteGone(before.gardeners(), after.gardeners(), Gardener::id,
                ids -> database.deleteFrom(GARDENER).where(GARDENER.GARDEN.eq(garden)).and(GARDENER.ID.in(ids)).execute());
        insertGardeners(fresh(before.gardeners(), after.gardeners()));
        deleteGone(before.beds(), after.beds(), Bed::id,
                ids -> database.deleteFrom(BED).where(BED.GARDEN.eq(garden)).and(BED.ID.in(ids)).execute());
        insertBeds(fresh(before.beds(), after.beds()));
        deleteGone(before.prices(), after.prices(), p -> p.item().key(),
                keys -> database.deleteFrom(PRICE).where(PRICE.GARDEN.eq(garden)).and(PRICE.ITEM.in(keys)).execute());
        insertPrices(fresh(before.prices(), after.prices()));
        deleteGone(before.sundries(), after.sundries(), Sundry::id,
                ids -> database.deleteFrom(SUNDRY).where(SUNDRY.GARDEN.eq(garden)).and(SUNDRY.ID.in(ids)).execute());
        insertSundries(fresh(before.sundries(), after.sundries()));
        deleteGone(before.quotes(), after.quotes(), Quote::id,
                ids -> database.deleteFrom(QUOTE).where(QUOTE.GARDEN.eq(garden)).and(QUOTE.ID.in(ids)).execute());
        insertQuotes(fresh(before.quotes(), after.quotes()));
        if (!before.budget().shares().equals(after.budget().shares())) {
            database.deleteFrom(BUDGET_SHARE).where(BUDGET_SHARE.GARDEN.eq(garden)).execute();
            insertShares(after.budget());
        }
        if (!before.supply().equals(after.supply())) {
            database.deleteFrom(ON_HAND).where(ON_HAND.GARDEN.eq(garden)).execute();
            insertOnHand(after.supply());
        }
        if (!before.workshop().equals(after.workshop())) {
            database.deleteFrom(OFFCUT).where(OFFCUT.GARDEN.eq(garden)).execute();
            database.batchInsert(WorkshopRows.offcuts(garden, after.workshop())).execute();
        }
        ground.update(before, after);
    }

    interface Delete<K> {
        void these(List<K> keys);
    }

    /** Deletes what is no longer there as it was; what changed is written anew. */
    static <T, K> void deleteGone(List<T> before, List<T> after, Function<T, K> key, Delete<K> delete) {
        List<K> gone = fresh(after, before).stream().map(key).toList();
        if (!gone.isEmpty()) {
            delete.these(gone);
        }
    }

    static <T> List<T> fresh(List<T> before, List<T> after) {
        Set<T> known = new HashSet<>(before);
        return after.stream().filter(value -> !known.contains(value)).toList();
    }

    private void describe(GardenRecord row, Plan plan) {
        row.setName(plan.name());
        row.setUnits(plan.units().name());
        row.setBudget(plan.budget().sum().getAmount());
        row.setContingency(plan.budget().contingency());
        row.setNorth(plan.site().north());
        row.setLatitude(plan.site().latitude());
        row.setApproximate(plan.site().approximate());
        row.setSqueeze(plan.site().soil().squeeze().name());
        row.setPercolation(plan.site().soil().percolation().map(Length::micrometres).orElse(null));
        row.setCover(plan.site().soil().cover().name());
        row.setClearing(plan.site().soil().clearing().name());
        row.setTipping(plan.supply().tipping());
        row.setUseSpoil(plan.supply().spoil());
        row.setTopUpYears(plan.supply().topUpYears());
        List<Vehicle> vehicles = plan.supply().vehicles();
        row.setSharedDelivery(plan.supply().sharedDelivery());
        row.setVehicleName(vehicles.stream().map(Vehicle::name).toArray(String[]::new));
        row.setVehicleBed(vehicles.stream().map(vehicle -> vehicle.bed().millilitres()).toArray(Long[]::new));
        row.setVehiclePayload(vehicles.stream().map(Vehicle::payload).toArray(Integer[]::new));
        WorkshopRows.describe(row, plan.workshop());
    }

    private void insertGardeners(List<Gardener> gardeners) {
        database.batchInsert(gardeners.stream().map(g -> new GardenerRecord(garden, g.id(), g.name(),
                g.reach().micrometres(), g.posture().name(), g.passing().micrometres(),
                g.stature().map(Length::micrometres).orElse(null))).toList()).execute();
    }

    private void insertBeds(List<Bed> beds) {
        database.batchInsert(beds.stream()
                .map(bed -> new BedRecord(garden, bed.id(), bed.name(), bed.retired().orElse(null), bed.tendedBy().toArray(UUID[]::new))).toList()).execute();
        database.batchInsert(beds.stream().flatMap(bed -> bed.revisions().stream()
                .map(revision -> BedRows.record(garden, bed.id(), revision))).toList()).execute();
        database.batchInsert(beds.stream().flatMap(bed -> bed.revisions().stream()
                .flatMap(revision -> BedRows.keyholes(garden, bed.id(), revision).stream())).toList()).execute();
    }

    private void insertSundries(List<Sundry> sundries) {
        database.batchInsert(sundries.stream().map(sundry -> new SundryRecord(garden, sundry.id(), sundry.name(), sundry.season(),
                sundry.part().name(), sundry.quantity(), sundry.price().map(Money::getAmount).orElse(null),
                sundry.acquired().name())).toList()).execute();
    }

    private void insertOnHand(Supply supply) {
        database.batchInsert(supply.onHand().stream()
                .map(one -> new OnHandRecord(garden, one.good().name(), one.volume().millilitres())).toList()).execute();
    }

    private void insertShares(Budget budget) {
        List<BudgetShareRecord> rows = new ArrayList<>();
        budget.shares().forEach(share -> rows.add(new BudgetShareRecord(garden, rows.size(), share.part().map(Enum::name).orElse(null),
                share.season().orElse(null), share.amount().getAmount())));
        database.batchInsert(rows).execute();
    }

    private void insertQuotes(List<Quote> quotes) {
        database.batchInsert(quotes.stream().map(quote -> new QuoteRecord(garden, quote.id(), quote.item().key(), quote.amount().getAmount(),
                quote.shop().orElse(null), quote.date(), quote.tax(), quote.pinned())).toList()).execute();
    }

    private void insertPrices(List<Price> prices) {
        database.batchInsert(prices.stream().map(price -> new PriceRecord(garden, price.item().key(),
                price.amount().getAmount(), price.guess())).toList()).execute();
    }
}
