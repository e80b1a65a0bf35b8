package fairacre.server.store;

import static fairacre.server.store.generated.Tables.QUOTE;

import fairacre.bill.PriceItem;
import fairacre.bill.Quote;
import fairacre.plan.Things;
import fairacre.server.store.generated.tables.records.QuoteRecord;
import java.util.Optional;
import java.util.UUID;

/** What shops asked, from rows and into rows. */
final class QuoteRows {

    static final KeyedRows<QuoteRecord, UUID, Quote> ROWS = KeyedRows.of(
            Things.QUOTES,
            QUOTE,
            QUOTE.GARDEN,
            QUOTE.ID,
            (row, currency) -> new Quote(
                    row.get(QUOTE.ID),
                    PriceItem.of(row.get(QUOTE.ITEM)),
                    Columns.money(currency, row.get(QUOTE.AMOUNT)),
                    Optional.ofNullable(row.get(QUOTE.SHOP)),
                    row.get(QUOTE.DATED),
                    row.get(QUOTE.TAX),
                    row.get(QUOTE.PINNED)),
            (garden, one) -> new QuoteRecord(
                    garden,
                    one.id(),
                    one.item().key(),
                    one.amount().getAmount(),
                    one.shop().orElse(null),
                    one.date(),
                    one.tax(),
                    one.pinned()));

    private QuoteRows() {}
}
