package fairacre.server.store;

import fairacre.plan.Plan;
import fairacre.plan.ThingLists;
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
import org.jooq.Record;
import org.jooq.Table;
import org.jooq.TableField;
import org.jooq.TableRecord;

/** Values with a key of their own: what is gone or changed is deleted, what is new or changed is inserted. */
final class KeyedRows<R extends TableRecord<R>, K, T> extends TableRows<R, T> {

    private final Optional<Things<T>> things;
    private final Function<Plan, List<T>> list;
    private final Function<T, K> keyOf;
    private final TableField<R, K> key;
    private final BiFunction<UUID, T, R> write;

    private KeyedRows(
            Optional<Things<T>> things,
            Function<Plan, List<T>> list,
            Function<T, K> keyOf,
            Table<R> table,
            TableField<R, UUID> garden,
            TableField<R, K> key,
            BiFunction<Record, CurrencyUnit, T> read,
            BiFunction<UUID, T, R> write) {
        super(table, garden, List.of(), read);
        this.things = things;
        this.list = list;
        this.keyOf = keyOf;
        this.key = key;
        this.write = write;
    }

    KeyedRows(
            Function<Plan, List<T>> list,
            Function<T, K> keyOf,
            Table<R> table,
            TableField<R, UUID> garden,
            TableField<R, K> key,
            BiFunction<Record, CurrencyUnit, T> read,
            BiFunction<UUID, T, R> write) {
        this(Optional.empty(), list, keyOf, table, garden, key, read, write);
    }

    /** The rows of a kind of thing. */
    static <R extends TableRecord<R>, T> KeyedRows<R, UUID, T> of(
            Things<T> things,
            Table<R> table,
            TableField<R, UUID> garden,
            TableField<R, UUID> id,
            BiFunction<Record, CurrencyUnit, T> read,
            BiFunction<UUID, T, R> write) {
        return new KeyedRows<>(
                Optional.of(things), plan -> plan.list(things), things.id(), table, garden, id, read, write);
    }

    /** The kind of thing that is kept here, if it is one. */
    Optional<Things<T>> things() {
        return things;
    }

    /** Puts the things that are kept here in a row of a garden among others. */
    ThingLists into(ThingLists lists, Record row) {
        return things.map(kind -> lists.with(kind, read(row))).orElse(lists);
    }

    @Override
    public void insert(DSLContext database, UUID garden, Plan plan) {
        insert(database, garden, list.apply(plan));
    }

    private void insert(DSLContext database, UUID garden, List<T> values) {
        database.batchInsert(
                        values.stream().map(value -> write.apply(garden, value)).toList())
                .execute();
    }

    @Override
    public void update(DSLContext database, UUID garden, Plan before, Plan after) {
        List<K> gone = missing(list.apply(before), list.apply(after)).stream()
                .map(keyOf)
                .toList();
        if (!gone.isEmpty()) {
            delete(database, garden, key.in(gone));
        }
        insert(database, garden, missing(list.apply(after), list.apply(before)));
    }

    /** The values that are not among others as they are. */
    static <T> List<T> missing(List<T> values, List<T> others) {
        Set<T> known = new HashSet<>(others);
        return values.stream().filter(value -> !known.contains(value)).toList();
    }
}
