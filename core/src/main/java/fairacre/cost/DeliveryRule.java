package fairacre.cost;

import fairacre.judging.Rule;
import fairacre.judging.Step;

/** Rules about how goods come to the garden. The names are stable codes. */
public enum DeliveryRule implements Rule {
    LOAD_STOPS_AT_GATE(
            "Lorry stops outside",
            "Loose soil and stone are driven in through a gap of 5 ft and more, or before the fence is up; else all of it is barrowed.",
            "common practice"),
    ALL_IN_BAGS(
            "Everything comes in bags",
            "Where no lorry can tip, what would come in bulk is carried in bags.",
            "arithmetic");

    private final Text text;

    DeliveryRule(String cause, String rule, String source) {
        this.text = new Text(cause, rule, source);
    }

    @Override
    public Step step() {
        return Step.FILL;
    }

    @Override
    public Text text() {
        return text;
    }
}
