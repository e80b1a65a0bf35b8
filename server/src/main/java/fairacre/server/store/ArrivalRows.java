package fairacre.server.store;

import static fairacre.server.store.generated.Tables.DELIVERY;
import static fairacre.server.store.generated.Tables.HIRE;
import static fairacre.server.store.generated.Tables.INCOME;

import fairacre.bill.Stage;
import fairacre.crew.CrewKinds;
import fairacre.crew.Delivery;
import fairacre.crew.Hire;
import fairacre.crew.Income;
import fairacre.server.store.generated.tables.records.DeliveryRecord;
import fairacre.server.store.generated.tables.records.HireRecord;
import fairacre.server.store.generated.tables.records.IncomeRecord;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.joda.money.Money;

/** What work waits for, from rows and into rows. */
final class ArrivalRows {

    static final KeyedRows<DeliveryRecord, UUID, Delivery> DELIVERIES = KeyedRows.of(
            CrewKinds.DELIVERIES,
            DELIVERY,
            DELIVERY.GARDEN,
            DELIVERY.ID,
            (row, currency) -> new Delivery(
                    row.get(DELIVERY.ID),
                    row.get(DELIVERY.NAME),
                    row.get(DELIVERY.SEASON),
                    row.get(DELIVERY.DAY),
                    Stream.of(row.get(DELIVERY.STAGES)).map(Stage::valueOf).toList()),
            (garden, delivery) -> new DeliveryRecord(
                    garden,
                    delivery.id(),
                    delivery.name(),
                    delivery.season(),
                    delivery.day(),
                    delivery.stages().stream().map(Stage::name).toArray(String[]::new)));

    static final KeyedRows<IncomeRecord, UUID, Income> INCOMES = KeyedRows.of(
            CrewKinds.INCOMES,
            INCOME,
            INCOME.GARDEN,
            INCOME.ID,
            (row, currency) -> new Income(
                    row.get(INCOME.ID), row.get(INCOME.DAY), Columns.money(currency, row.get(INCOME.AMOUNT))),
            (garden, income) -> new IncomeRecord(
                    garden, income.id(), income.day(), income.amount().getAmount()));

    static final KeyedRows<HireRecord, UUID, Hire> HIRES = KeyedRows.of(
            CrewKinds.HIRES,
            HIRE,
            HIRE.GARDEN,
            HIRE.ID,
            (row, currency) -> new Hire(
                    row.get(HIRE.ID),
                    row.get(HIRE.NAME),
                    row.get(HIRE.SEASON),
                    Stream.of(row.get(HIRE.STAGES)).map(Stage::valueOf).toList(),
                    Columns.money(currency, row.get(HIRE.DAILY)),
                    Optional.ofNullable(row.get(HIRE.WEEKEND)).map(price -> Columns.money(currency, price)),
                    List.of(row.get(HIRE.BOOKED))),
            (garden, hire) -> new HireRecord(
                    garden,
                    hire.id(),
                    hire.name(),
                    hire.season(),
                    hire.stages().stream().map(Stage::name).toArray(String[]::new),
                    hire.daily().getAmount(),
                    hire.weekend().map(Money::getAmount).orElse(null),
                    hire.booked().toArray(LocalDate[]::new)));

    private ArrivalRows() {}
}
