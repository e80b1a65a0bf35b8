package fairacre.server.store;

import static fairacre.server.store.generated.Tables.CHANGE_LOG;
import static fairacre.server.store.generated.Tables.GARDEN;
import static org.jooq.impl.DSL.field;
import static org.jooq.impl.DSL.max;
import static org.jooq.impl.DSL.min;
import static org.jooq.impl.DSL.select;

import fairacre.bill.Budget;
import fairacre.goods.Supply;
import fairacre.goods.Vehicle;
import fairacre.measure.Units;
import fairacre.measure.Volume;
import fairacre.plan.Plan;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.SelectFieldOrAsterisk;

/** Reads a whole plan, and what can be undone, in one statement. */
final class PlanReader {

    /** The newest edit that holds. */
    private static final Field<Long> UNDO = field(select(max(CHANGE_LOG.ID))
                    .from(CHANGE_LOG)
                    .where(CHANGE_LOG.GARDEN.eq(GARDEN.ID))
                    .and(CHANGE_LOG.STATE.eq("DONE")))
            .as("undo");

    /** The oldest edit that was undone and not overtaken. */
    private static final Field<Long> REDO = field(select(min(CHANGE_LOG.ID))
                    .from(CHANGE_LOG)
                    .where(CHANGE_LOG.GARDEN.eq(GARDEN.ID))
                    .and(CHANGE_LOG.STATE.eq("UNDONE")))
            .as("redo");

    private PlanReader() {}

    static Optional<StoredGarden> read(DSLContext database, UUID owner, UUID garden) {
        List<SelectFieldOrAsterisk> fields = new ArrayList<>(List.of(GARDEN.asterisk(), UNDO, REDO));
        PlanRows.ALL.forEach(rows -> fields.add(rows.field()));
        return database.select(fields)
                .from(GARDEN)
                .where(GARDEN.ID.eq(garden))
                .and(GARDEN.OWNER.eq(owner))
                .and(GARDEN.DELETED_AT.isNull())
                .fetchOptional(PlanReader::stored);
    }

    private static StoredGarden stored(Record row) {
        Money sum = Columns.money(CurrencyUnit.of(row.get(GARDEN.CURRENCY)), row.get(GARDEN.BUDGET));
        Budget budget = new Budget(sum, row.get(GARDEN.CONTINGENCY), PurseRows.SHARES.read(row));
        Plan plan = new Plan(
                        row.get(GARDEN.ID),
                        row.get(GARDEN.NAME),
                        Units.valueOf(row.get(GARDEN.UNITS)),
                        row.get(GARDEN.FIRST_SEASON),
                        budget,
                        SiteRows.site(row),
                        List.of(),
                        BedRows.ROWS.read(row),
                        PurseRows.PRICES.read(row))
                .holding(
                        Columns.monthDay(row.get(GARDEN.YEAR_BEGINS)),
                        supply(row),
                        WorkshopRows.workshop(row),
                        PlanRows.things(row));
        return new StoredGarden(
                row.get(GARDEN.REVISION), plan, Optional.ofNullable(row.get(UNDO)), Optional.ofNullable(row.get(REDO)));
    }

    private static Supply supply(Record row) {
        return new Supply(
                row.get(GARDEN.TIPPING),
                row.get(GARDEN.USE_SPOIL),
                row.get(GARDEN.TOP_UP_YEARS),
                PurseRows.ON_HANDS.read(row),
                row.get(GARDEN.SHARED_DELIVERY),
                vehicles(row));
    }

    private static List<Vehicle> vehicles(Record row) {
        String[] names = row.get(GARDEN.VEHICLE_NAME);
        return IntStream.range(0, names.length)
                .mapToObj(i -> new Vehicle(
                        names[i], new Volume(row.get(GARDEN.VEHICLE_BED)[i]), row.get(GARDEN.VEHICLE_PAYLOAD)[i]))
                .toList();
    }
}
