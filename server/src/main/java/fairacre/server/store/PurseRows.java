package fairacre.server.store;

import static fairacre.server.store.generated.Tables.BUDGET_SHARE;
import static fairacre.server.store.generated.Tables.ON_HAND;
import static fairacre.server.store.generated.Tables.PRICE;

import fairacre.bill.BillPart;
import fairacre.bill.Price;
import fairacre.bill.PriceItem;
import fairacre.bill.Share;
import fairacre.goods.BulkGood;
import fairacre.goods.Supply;
import fairacre.measure.Volume;
import fairacre.plan.Plan;
import fairacre.server.store.generated.tables.records.BudgetShareRecord;
import fairacre.server.store.generated.tables.records.OnHandRecord;
import fairacre.server.store.generated.tables.records.PriceRecord;
import java.util.List;
import java.util.Optional;

/** The price book, the shares of the budget and what is on hand, from rows and into rows. */
final class PurseRows {

    static final KeyedRows<PriceRecord, String, Price> PRICES = new KeyedRows<>(
            Plan::prices,
            price -> price.item().key(),
            PRICE,
            PRICE.GARDEN,
            PRICE.ITEM,
            (row, currency) -> new Price(
                    PriceItem.of(row.get(PRICE.ITEM)),
                    Columns.money(currency, row.get(PRICE.AMOUNT)),
                    row.get(PRICE.GUESS)),
            (garden, price) ->
                    new PriceRecord(garden, price.item().key(), price.amount().getAmount(), price.guess()));

    static final ListedRows<BudgetShareRecord, Share> SHARES = new ListedRows<>(
            plan -> plan.budget().shares(),
            BUDGET_SHARE,
            BUDGET_SHARE.GARDEN,
            List.of(BUDGET_SHARE.POSITION),
            (row, currency) -> new Share(
                    Optional.ofNullable(row.get(BUDGET_SHARE.PART)).map(BillPart::valueOf),
                    Optional.ofNullable(row.get(BUDGET_SHARE.SEASON)),
                    Columns.money(currency, row.get(BUDGET_SHARE.AMOUNT))),
            (garden, position, share) -> new BudgetShareRecord(
                    garden,
                    position,
                    share.part().map(Enum::name).orElse(null),
                    share.season().orElse(null),
                    share.amount().getAmount()));

    static final ListedRows<OnHandRecord, Supply.OnHand> ON_HANDS = new ListedRows<>(
            plan -> plan.supply().onHand(),
            ON_HAND,
            ON_HAND.GARDEN,
            List.of(ON_HAND.GOOD),
            (row, currency) ->
                    new Supply.OnHand(BulkGood.valueOf(row.get(ON_HAND.GOOD)), new Volume(row.get(ON_HAND.VOLUME))),
            (garden, position, one) ->
                    new OnHandRecord(garden, one.good().name(), one.volume().millilitres()));

    private PurseRows() {}
}
