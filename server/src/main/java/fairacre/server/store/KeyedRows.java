package fairacre.server.store;

import static fairacre.server.store.generated.Tables.GARDEN;
import static org.jooq.impl.DSL.multiset;
import static org.jooq.impl.DSL.select;

import fairacre.plan.Plan;
import fairacre.plan.Things;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.joda.money.CurrencyUnit;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.Result;
import org.jooq.Table;
import org.jooq.TableField;
import org.jooq.TableRecord;

/**
 * A list of a plan whose values have a key of their own, one row each: what is gone or changed is deleted, what is new or changed is
 * inserted.
 */
final class KeyedRows<R extends TableRecord<R>, K, T> implements Rows {

    private final Optional<Things<T>> things;
    private final Function<Plan, List<T>> list;
    private final Function<T, K> keyOf;
    private final Table<R> table;
    private final TableField<R, UUID> garden;
    private final TableField<R, K> key;
    private final BiFunction<Record, CurrencyUnit, T> read;
    private final BiFunction<UUID, T, R> write;
    private final Field<? extends Result<?>> field;

    private KeyedRows(Optional<Things<T>> things, Function<Plan, List<T>> list, Function<T, K> keyOf, Table<R> table, TableField<R, UUID> garden,
            TableField<R, K> key, BiFunction<Record, CurrencyUnit, T> read, BiFunction<UUID, T, R> write) {
        this.things = things;
        this.list = list;
        this.keyOf = keyOf;
        this.table = table;
        this.garden = garden;
        this.key = key;
        this.read = read;
        this.write = write;
        this.field = multiset(select(table.fields()).from(table).where(garden.eq(GARDEN.ID))).as(table.getName());
    }

    KeyedRows(Function<Plan, List<T>> list, Function<T, K> keyOf, Table<R> table, TableField<R, UUID> garden, TableField<R, K> key,
            BiFunction<Record, CurrencyUnit, T> read, BiFunction<UUID, T, R> write) {
        this(Optional.empty(), list, keyOf, table, garden, key, read, write);
    }

    /** The rows of a kind of thing. */
    static <R extends TableRecord<R>, T> KeyedRows<R, UUID, T> of(Things<T> things, Table<R> table, TableField<R, UUID> garden, TableField<R, UUID> id,
            BiFunction<Record, CurrencyUnit, T> read, BiFunction<UUID, T, R> write) {
        return new KeyedRows<>(Optional.of(things), things.list(), things.id(), table, garden, id, read, write);
    }

    /** The kind of thing that is kept here, if it is one. */
    Optional<Things<T>> things() {
        return things;
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
        insert(database, id, list.apply(plan));
    }

    private void insert(DSLContext database, UUID id, List<T> values) {
        database.batchInsert(values.stream().map(value -> write.apply(id, value)).toList()).execute();
    }

    @Override
    public void update(DSLContext database, UUID id, Plan before, Plan after) {
        List<K> gone = missing(list.apply(before), list.apply(after)).stream().map(keyOf).toList();
        if (!gone.isEmpty()) {
            database.deleteFrom(table).where(garden.eq(id)).and(key.in(gone)).execute();
        }
        insert(database, id, missing(list.apply(after), list.apply(before)));
    }

    /** The values that are not among others as they are. */
    static <T> List<T> missing(List<T> values, List<T> others) {
        Set<T> known = new HashSet<>(others);
        return values.stream().filter(value -> !known.contains(value)).toList();
    }
}
