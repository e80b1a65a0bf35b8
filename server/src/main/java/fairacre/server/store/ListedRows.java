package fairacre.server.store;

import static fairacre.server.store.generated.Tables.GARDEN;
import static org.jooq.impl.DSL.multiset;
import static org.jooq.impl.DSL.select;

import fairacre.plan.Plan;
import java.util.List;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.joda.money.CurrencyUnit;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.Result;
import org.jooq.Table;
import org.jooq.TableField;
import org.jooq.TableRecord;

/** A list of a plan that is told by its order alone: written anew as a whole where it differs. */
final class ListedRows<R extends TableRecord<R>, T> implements Rows {

    /** A row for a value of a garden at a place of the list. */
    interface Write<R, T> {
        R row(UUID garden, int position, T value);
    }

    private final Function<Plan, List<T>> list;
    private final Table<R> table;
    private final TableField<R, UUID> garden;
    private final BiFunction<Record, CurrencyUnit, T> read;
    private final Write<R, T> write;
    private final Field<? extends Result<?>> field;

    ListedRows(Function<Plan, List<T>> list, Table<R> table, TableField<R, UUID> garden, List<? extends TableField<R, ?>> order,
            BiFunction<Record, CurrencyUnit, T> read, Write<R, T> write) {
        this.list = list;
        this.table = table;
        this.garden = garden;
        this.read = read;
        this.write = write;
        this.field = multiset(select(table.fields()).from(table).where(garden.eq(GARDEN.ID)).orderBy(order)).as(table.getName());
    }

    @Override
    public Field<? extends Result<?>> field() {
        return field;
    }

    /** @param row of the garden */
    List<T> read(Record row) {
        CurrencyUnit currency = CurrencyUnit.of(row.get(GARDEN.CURRENCY));
        return row.get(field).map(one -> read.apply(one, currency));
    }

    @Override
    public void insert(DSLContext database, UUID id, Plan plan) {
        List<T> values = list.apply(plan);
        database.batchInsert(IntStream.range(0, values.size()).mapToObj(i -> write.row(id, i, values.get(i))).toList()).execute();
    }

    @Override
    public void update(DSLContext database, UUID id, Plan before, Plan after) {
        if (!list.apply(before).equals(list.apply(after))) {
            database.deleteFrom(table).where(garden.eq(id)).execute();
            insert(database, id, after);
        }
    }
}
