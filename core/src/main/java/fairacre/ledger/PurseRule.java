package fairacre.ledger;

import fairacre.judging.Rule;
import fairacre.judging.Step;

/** Rules about the money. The names are stable codes. */
public enum PurseRule implements Rule {
    SHARE_EXCEEDED(
            "Over a share of the budget",
            "What is planned for a part of the work, or for a season, has to keep to its share of the budget where one is set.",
            "common practice"),
    BUDGET_EXCEEDED(
            "Budget too small",
            "What is planned has to leave the contingency untouched; 10 to 15 per cent is wise.",
            "common practice"),
    PRICE_MISSING("Price missing", "A line without a price is left out of the total.", "arithmetic");

    private final Text text;

    PurseRule(String cause, String rule, String source) {
        this.text = new Text(cause, rule, source);
    }

    @Override
    public Step step() {
        return Step.PURSE;
    }

    @Override
    public Text text() {
        return text;
    }
}
