package fairacre.server.store;

import static fairacre.server.store.generated.Tables.RULES_LEFT_ASIDE;

import fairacre.husbandry.HusbandryKinds;
import fairacre.husbandry.RulesLeftAside;
import fairacre.server.store.generated.tables.records.RulesLeftAsideRecord;
import java.util.List;
import java.util.UUID;

/** The choice of rules for crops, from rows and into rows. */
final class RulesLeftAsideRows {

    static final KeyedRows<RulesLeftAsideRecord, UUID, RulesLeftAside> ROWS = KeyedRows.of(
            HusbandryKinds.LEFT_ASIDE,
            RULES_LEFT_ASIDE,
            RULES_LEFT_ASIDE.GARDEN,
            RULES_LEFT_ASIDE.ID,
            (row, currency) ->
                    new RulesLeftAside(row.get(RULES_LEFT_ASIDE.ID), List.of(row.get(RULES_LEFT_ASIDE.RULES))),
            (garden, aside) ->
                    new RulesLeftAsideRecord(garden, aside.id(), aside.rules().toArray(String[]::new)));

    private RulesLeftAsideRows() {}
}
