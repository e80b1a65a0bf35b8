package fairacre.cost;

import fairacre.judging.Rule;

/** Rules about how goods come to the garden. The names are stable codes. */
public enum DeliveryRule implements Rule {
    LOAD_STOPS_AT_GATE(
            "Loose soil and stone are driven in through a gap of 5 ft and more, or before the fence is up; else all of it is barrowed.",
            "common practice"),
    ALL_IN_BAGS("Where no lorry can tip, what would come loose is carried in bags.", "arithmetic");

    private final Text text;

    DeliveryRule(String rule, String source) {
        this.text = new Text(rule, source);
    }

    @Override
    public Text text() {
        return text;
    }
}
