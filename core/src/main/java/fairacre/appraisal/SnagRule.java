package fairacre.appraisal;

/** The rules that a plan is judged by, each in one sentence with where it comes from. The names are stable codes. */
public enum SnagRule {
    BED_OVERLAP("Two beds can't stand on the same ground.", "plane geometry"),
    BED_OFF_PLOT("A bed has to stand on the plot.", "plane geometry"),
    REACH_NOBODY("Every point of a bed has to be within somebody's reach from ground they can be on, without stepping on the soil.",
            "common practice: two-sided beds at most twice the reach wide, one-sided beds once"),
    REACH_GARDENER("A bed is everybody's only if everybody reaches all of it.",
            "common practice: reach measured from the outside of the frame"),
    WALK_TOO_NARROW("A walk has to be as wide as whoever must pass on it.",
            "2010 ADA Standards 403.5.1 for a wheelchair (36 in clear); common practice for feet (18 to 24 in) and a barrow (36 to 42 in)"),
    EDGE_STRIP("A strip between a bed and the plot's edge that nobody can get into is left to weeds.", "common practice"),
    SIDE_SPLICED("A side longer than the longest board in stock has to be spliced over a post or plate.", "common practice"),
    BUDGET_EXCEEDED("What is planned has to leave the contingency untouched; 10 to 15 per cent is wise.", "common practice"),
    PRICE_MISSING("A line without a price is left out of the total.", "arithmetic"),
    NO_GARDENER("Reach and walks can only be judged for somebody.", "common practice");

    private final String rule;
    private final String source;

    SnagRule(String rule, String source) {
        this.rule = rule;
        this.source = source;
    }

    public String rule() {
        return rule;
    }

    public String source() {
        return source;
    }
}
