package fairacre.appraisal;

/** The rules that a plan is judged by, each in one sentence with where it comes from. The names are stable codes. */
public enum SnagRule {
    BED_OVERLAP("Two beds can't stand on the same ground.", "plane geometry"),
    BED_OFF_PLOT("A bed has to stand on the plot.", "plane geometry"),
    BED_ON_FEATURE("A bed can't stand where something else stands.", "plane geometry"),
    BED_IN_KEEP_OFF(
            "Nothing is built on a septic field, a well or other ground to be kept off, nor within its setback.",
            "setbacks are local law: ask the authority and a licensed trade"),
    BED_OVER_LINE(
            "Before any digging near a buried cable or pipe it has to be marked by the utility-locating service.",
            "common practice"),
    BED_UNDER_TREE(
            "Within the spread of a tree's crown its roots and shade take what the vegetables need.",
            "common practice"),
    CARRIER_SHUT_OUT(
            "Whatever has to serve a bed must be able to come to it.",
            "plane geometry: opening of the free ground by a disk"),
    WAY_IN_BLOCKED("Whoever comes in through a gate needs free ground behind it.", "plane geometry"),
    WAY_IN_TOO_NARROW(
            "A gate has to let through whoever uses the garden.",
            "2010 ADA Standards 404.2.3 for a wheelchair (32 in clear at least); common practice for the rest"),
    HEIGHT_UNFIT(
            "Somebody seated reaches down to 15 in and up to 48 in above the ground, and sideways over an edge up to 34 in high.",
            "2010 ADA Standards 308.2, 308.3"),
    NO_KNEE_ROOM(
            "A table bed has room for knees if it is clear to 27 in above the ground, 30 in wide and 11 in deep.",
            "2010 ADA Standards 306.3"),
    FITTING_UNFIT(
            "What somebody seated has to work (taps, valves, hooks) hangs between 15 and 48 in above the ground.",
            "2010 ADA Standards 308.2, 308.3"),
    THING_SHUT_OUT(
            "Whoever works a tap, a valve, a hook or the compost, or sits on a bench, has to get to it.",
            "plane geometry; common practice"),
    NO_PASSING(
            "On a walk narrower than 60 in two chairs need a place to pass every 200 ft.",
            "2010 ADA Standards 403.5.3"),
    SURFACE_UNFIT(
            "Ground for wheels and sticks has to be firm, stable and slip-resistant.", "2010 ADA Standards 302.1"),
    BARE_GROUND(
            "Wheels run on a walk or a slab: bare ground gives way when it is wet.",
            "2010 ADA Standards 302.1 for a wheelchair; common practice for a barrow"),
    DEAD_END(
            "A walk that leads nowhere needs room for a wheelchair to turn, or it has to be backed out.",
            "2010 ADA Standards 304.3: a circle of 60 in, or a T with arms of 36 in within 60 in"),
    NO_TURNING(
            "A wheelchair needs room to turn round, or it has to be backed out.",
            "2010 ADA Standards 304.3: a circle of 60 in, or a T with arms of 36 in within 60 in"),
    WALK_STEP(
            "Wheels roll over a change of level of 1/2 in at most; a higher one needs a ramp no steeper than 1 in 12.",
            "2010 ADA Standards 303.3, 405.2"),
    BED_ON_SLOPE(
            "A bed has to be level along and across: on a slope one side is dug in, made up with a course, or stepped.",
            "common practice"),
    WALK_TOO_STEEP(
            "A walk for a wheelchair rises no steeper than 1 in 20 and lies across no steeper than 1 in 48.",
            "2010 ADA Standards 403.3"),
    GROUND_TOO_STEEP(
            "Ground that wheels have to cross is no steeper than a walk for them: 1 in 20 for a wheelchair, 1 in 12 for a barrow.",
            "2010 ADA Standards 403.3, 405.2"),
    REACH_NOBODY(
            "Every point of a bed has to be within somebody's reach from ground they can be on, without stepping on the soil.",
            "common practice: two-sided beds at most twice the reach wide, one-sided beds once"),
    REACH_GARDENER(
            "A bed is everybody's only if everybody reaches all of it.",
            "common practice: reach measured from the outside of the frame"),
    WALK_TOO_NARROW(
            "A walk has to be as wide as whoever must pass on it.",
            "2010 ADA Standards 403.5.1 for a wheelchair (36 in clear); common practice for feet (18 to 24 in) and a barrow (36 to 42 in)"),
    AISLE_TOO_NARROW(
            "The aisles of a bed are walks: whoever works it has to get into them, and into a keyhole at least with a foot.",
            "common practice: 12 in for a foot; 2010 ADA Standards 403.5.1 for a wheelchair"),
    EDGE_STRIP(
            "A strip between a bed and the plot's edge that nobody can get into is left to weeds.", "common practice"),
    WOOD_IN_SHALLOW_BED(
            "Wood below the soil is only sensible in beds filled 15 in deep and more: roots need 8 to 12 in of soil above it.",
            "common practice"),
    NO_DRAIN_BEHIND_WALL(
            "Behind a retaining wall runs a drain of stone with a perforated pipe, never only in front of it:"
                    + " water that stands there pushes it over.",
            "common practice"),
    WALK_RAISES_GROUND(
            "A walk built up on the ground takes height from the beds beside it: dig out first, then lay the base.",
            "common practice"),
    FABRIC_UNDER_STONE("Fabric beneath chippings or fines clogs, shows and makes weeding worse.", "common practice"),
    LOAD_STOPS_AT_GATE(
            "Loose soil and stone are driven in through a gap of 5 ft and more, or before the fence is up; else all of it is barrowed.",
            "common practice"),
    ALL_IN_BAGS("Where no lorry can tip, what would come loose is carried in bags.", "arithmetic"),
    SIDE_SPLICED(
            "A side longer than the longest board in stock has to be spliced over a post or plate.", "common practice"),
    SHARE_EXCEEDED(
            "What is planned for a part of the work, or for a season, has to keep to its share of the budget where one is set.",
            "common practice"),
    BUDGET_EXCEEDED(
            "What is planned has to leave the contingency untouched; 10 to 15 per cent is wise.", "common practice"),
    PRICE_MISSING("A line without a price is left out of the total.", "arithmetic"),
    NOT_JUDGED("Every part of a plan is judged; a part that could not be is told.", "this program"),
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
