package fairacre.server.store;

import static org.jooq.impl.DSL.trueCondition;

import fairacre.plan.Plan;
import java.util.List;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.joda.money.CurrencyUnit;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.Table;
import org.jooq.TableField;
import org.jooq.TableRecord;

/** A list that is told by its order alone: written anew as a whole where it differs. */
final class ListedRows<R extends TableRecord<R>, T> extends TableRows<R, T> {

    /** A row for a value of a garden at a place of the list. */
    interface Write<R, T> {
        R row(UUID garden, int position, T value);
    }

    private final Function<Plan, List<T>> list;
    private final Write<R, T> write;

    ListedRows(
            Function<Plan, List<T>> list,
            Table<R> table,
            TableField<R, UUID> garden,
            List<? extends TableField<R, ?>> order,
            BiFunction<Record, CurrencyUnit, T> read,
            Write<R, T> write) {
        super(table, garden, order, read);
        this.list = list;
        this.write = write;
    }

    @Override
    public void insert(DSLContext database, UUID garden, Plan plan) {
        List<T> values = list.apply(plan);
        database.batchInsert(IntStream.range(0, values.size())
                        .mapToObj(i -> write.row(garden, i, values.get(i)))
                        .toList())
                .execute();
    }

    @Override
    public void update(DSLContext database, UUID garden, Plan before, Plan after) {
        if (!list.apply(before).equals(list.apply(after))) {
            delete(database, garden, trueCondition());
            insert(database, garden, after);
        }
    }
}
