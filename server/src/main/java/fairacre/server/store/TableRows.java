package fairacre.server.store;

import static fairacre.server.store.generated.Tables.GARDEN;
import static org.jooq.impl.DSL.multiset;
import static org.jooq.impl.DSL.select;

import java.util.List;
import java.util.UUID;
import java.util.function.BiFunction;
import org.joda.money.CurrencyUnit;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.Result;
import org.jooq.Table;
import org.jooq.TableField;
import org.jooq.TableRecord;

/** A list of a plan in a table with one row for each value. */
abstract class TableRows<R extends TableRecord<R>, T> implements Rows {

    private final Table<R> table;
    private final TableField<R, UUID> garden;
    private final BiFunction<Record, CurrencyUnit, T> read;
    private final Field<? extends Result<?>> field;

    /** @param order in which the rows are read; empty if it doesn't matter */
    TableRows(
            Table<R> table,
            TableField<R, UUID> garden,
            List<? extends TableField<R, ?>> order,
            BiFunction<Record, CurrencyUnit, T> read) {
        this.table = table;
        this.garden = garden;
        this.read = read;
        this.field = multiset(select(table.fields())
                        .from(table)
                        .where(garden.eq(GARDEN.ID))
                        .orderBy(order))
                .as(table.getName());
    }

    @Override
    public final Field<? extends Result<?>> field() {
        return field;
    }

    /** @param row of the garden */
    final List<T> read(Record row) {
        CurrencyUnit currency = CurrencyUnit.of(row.get(GARDEN.CURRENCY));
        return row.get(field).map(one -> read.apply(one, currency));
    }

    /** Deletes the rows of a garden that a condition holds for. */
    final void delete(DSLContext database, UUID id, Condition which) {
        database.deleteFrom(table).where(garden.eq(id)).and(which).execute();
    }
}
