package fairacre.walk;

import fairacre.judging.Rule;
import fairacre.judging.Step;
import java.util.EnumSet;
import java.util.Set;

/** Rules about who and what gets through. The names are stable codes. */
public enum WalkRule implements Rule {
    CARRIER_SHUT_OUT(
            "No way to the bed",
            "Whatever has to serve a bed must be able to come to it.",
            "plane geometry: opening of the free ground by a disk"),
    WAY_IN_BLOCKED(
            "No room behind the gate",
            "Whoever comes in through a gate needs free ground behind it.",
            "plane geometry"),
    WAY_IN_TOO_NARROW(
            "Gate too narrow",
            "A gate has to let through whoever uses the garden.",
            "2010 ADA Standards 404.2.3 for a wheelchair (32 in clear at least); common practice for the rest"),
    THING_SHUT_OUT(
            "No way to what is used",
            "Whoever works a tap, a valve, a hook or the compost, or sits on a bench, has to get to it.",
            "plane geometry; common practice"),
    NO_PASSING(
            "No place for two chairs to pass",
            "On a walk narrower than 60 in two chairs need a place to pass every 200 ft.",
            "2010 ADA Standards 403.5.3"),
    SURFACE_UNFIT(
            "Surface unfit for wheels and sticks",
            "Ground for wheels and sticks has to be firm, stable and slip-resistant.",
            "2010 ADA Standards 302.1"),
    DEAD_END(
            "Dead end without room to turn",
            "A walk that leads nowhere needs room for a wheelchair to turn, or it has to be backed out.",
            "2010 ADA Standards 304.3: a circle of 60 in, or a T with arms of 36 in within 60 in"),
    NO_TURNING(
            "No room to turn a wheelchair",
            "A wheelchair needs room to turn round, or it has to be backed out.",
            "2010 ADA Standards 304.3: a circle of 60 in, or a T with arms of 36 in within 60 in"),
    WALK_TOO_NARROW(
            "Walk too narrow",
            "A walk has to be as wide as whoever must pass on it.",
            "2010 ADA Standards 403.5.1 for a wheelchair (36 in clear); common practice for feet (18 to 24 in) and a barrow (36 to 42 in)"),
    AISLE_TOO_NARROW(
            "Aisle of a bed too narrow",
            "The aisles of a bed are walks: whoever works it has to get into them, and into a keyhole at least with a foot.",
            "common practice: 12 in for a foot; 2010 ADA Standards 403.5.1 for a wheelchair"),
    EDGE_STRIP(
            "Strip that nobody can get into",
            "A strip between a bed and the plot's edge that nobody can get into is left to weeds.",
            "common practice");

    private static final Set<WalkRule> SLOW = EnumSet.of(NO_PASSING, DEAD_END);

    private final Text text;

    WalkRule(String cause, String rule, String source) {
        this.text = new Text(cause, rule, source);
    }

    @Override
    public Step step() {
        return Step.REACH;
    }

    @Override
    public Text text() {
        return text;
    }

    @Override
    public boolean slow() {
        return SLOW.contains(this);
    }
}
